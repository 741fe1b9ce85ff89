import type { MaterialId } from '../records/vocabulary'
import type { RoomState } from '../stock/roomState'
import type { LocalDate } from '../time/localDate'
import type { Lasts } from './burnDown'
import type { UseDoubt } from './useDoubt'

export const PROVISION_KINDS = ['lot', 'material', 'store', 'gel-mix'] as const
export type ProvisionKind = (typeof PROVISION_KINDS)[number]

/** Something that is kept, how long it lasts, and by when the next is to be bought. */
export interface Provision {
  id: string
  kind: ProvisionKind
  name: string
  /** What recipes call it, of a material. */
  of: MaterialId | null
  unit: string
  /** Null where nobody has counted it. */
  left: number | null
  /** More was used than there was: it is to be counted. */
  overdrawn: boolean
  /** What is expected to be used, by day from today on. */
  use: readonly number[]
  /** How well that is known. */
  doubt: UseDoubt
  /** Mean of those days. */
  perDay: number
  /** Null where nothing is used, or nobody has counted. */
  lasts: Lasts | null
  /** The last day to order, so that it does not run short with the chosen certainty. */
  orderOn: LocalDate | null
  /** It is past its best before it is used up. */
  stale: LocalDate | null
  pack: { size: number; price: number | null; from: string } | null
  leadDays: number
  /** Days that a fresh pack is good for; null without end. */
  keepsDays: number | null
  /** On its way, in its unit, and when it comes. */
  coming: { amount: number; on: LocalDate } | null
  pricePerUnit: number | null
}

/** How far is looked, and with which certainty nothing is to run short. */
export interface Horizon {
  state: RoomState
  days: number
  certainty: number
}
/** What each kind of thing tells of itself. */
export type Told = Pick<
  Provision,
  'id' | 'kind' | 'name' | 'of' | 'unit' | 'left' | 'overdrawn' | 'pack' | 'leadDays' | 'keepsDays'
> & {
  /** What is expected to be used of it and of its likes that are used before it, by day from today on. */
  use: readonly number[]
  doubt: UseDoubt
  /** What stands of its likes that are used before it, in its unit. */
  before: number
  least: number
  staleOn: LocalDate | null
  pricePerUnit: number | null
}

/** Mean of a day; 0 of none. */
export const meanUse = (xs: readonly number[]) =>
  xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length)
