import { NAUPLII } from '../../../foods/hatchProfile'
import { unprovided, type Unprovided } from '../../../planning/firstFood'
import { goingOver } from '../../../planning/nextFood'
import { benchLacks, type BenchPart } from '../../../planning/plan/assumedBench'
import { addDays } from '../../../time/localDate'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { BroodState } from '../../../stock/broodState'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A brood that will swim free, or go over to another food, before anything for it stands here. */
export interface ProvideStop extends StopBase {
  kind: 'provide'
  brood: BroodState
  inDays: number
  late: Unprovided['late']
  ways: Unprovided['ways']
  /** The food that it goes over to; null where it is its first. */
  next: string | null
  /** What a hatch takes and the room has not, where that is the way. */
  lacks: readonly BenchPart[]
}

/** With so many days in hand it may wait a day. */
const SPARE_D = 2

/** Once a day is enough for a first food, whatever was said; of the next one fry do not starve on the day. */
const ASKED_EVERY_D = { first: 1, next: 3 } as const

const wasSeen = (c: RoundContext, id: string, days: number) =>
  Array.from({ length: days }, (_, d) => addDays(c.round.date, -d)).some(date =>
    c.state.room.rounds.some(r => wasAnswered(c.state, `${date}T${r.at}`, 'provide', id)),
  )

function stopOf(
  c: RoundContext,
  id: string,
  of: Pick<ProvideStop, 'brood' | 'inDays' | 'late' | 'ways' | 'next'>,
): ProvideStop {
  const spare = of.inDays - Math.min(...of.ways.map(w => w.days))
  // A next food that comes too late whatever is done comes as late tomorrow: the round is not longer for it.
  const must = spare < SPARE_D && (of.next === null || spare >= 0)
  return {
    kind: 'provide',
    key: stopKey('provide', id, c.round.key),
    subject: { type: 'brood', id: of.brood.id, name: of.brood.name },
    placeId: null,
    cautions: [],
    must,
    waitsH: must ? 0 : 24,
    lacks: of.next === NAUPLII ? benchLacks(c.state) : [],
    ...of,
  }
}

export function findProvides(c: RoundContext): ProvideStop[] {
  if (c.round.feedingOnly) return []
  const first = unprovided(c.state, c.readings)
    .filter(u => !wasSeen(c, u.brood.id, ASKED_EVERY_D.first))
    .map(u => stopOf(c, u.brood.id, { ...u, next: null }))
  const next = goingOver(c.state, c.readings)
    .map(g => ({ ...g, id: `${g.brood.id}-${g.foodId}` }))
    .filter(g => !wasSeen(c, g.id, ASKED_EVERY_D.next))
    .map(({ id, brood, inDays, foodId, way }) =>
      stopOf(c, id, { brood, inDays, late: null, ways: [way], next: foodId }),
    )
  return [...first, ...next]
}
