import type { Band } from '../../estimation/cloud'
import type { HandUnit, SourceKind } from '../../records/vocabulary'
import type { Instant } from '../../time/localDate'

/**
 * Whatever a meal can be drawn from at a round: a culture that is ready, a hatch that is due, a store.
 * Numbers are animals or grains.
 */
export interface Source {
  id: string
  kind: SourceKind
  foodId: string
  name: string
  placeId: string | null
  ready: boolean
  /** What may be drawn now, at the most; never more together than p50. */
  gives: Band
  /** What may be drawn so that it stays as it is: at most `gives.p50`. */
  easy: number
  /** How a hand measures it, and animals in one unit; null where that is not known. */
  unit: HandUnit
  perUnit: number | null
  /** Energy of one animal, full yolk = 1. */
  energy: number
  useBy: Instant | null
  /** Fed out first: it is past its best, or spoils soon. */
  first: boolean
  /** Even the middle of what is believed is doubtful. */
  doubtful: boolean
  /** Only for these tanks: it was portioned already, or was drawn from at this round and is left alone (none). */
  tankIds: readonly string[] | null
  /** It was drawn already at this round and stands in a cup. */
  inHand: boolean
  /** Pulled first at this round, for a hatch that is due. */
  due: boolean
  /** The culture that a store came out of. */
  fromId: string | null
}
