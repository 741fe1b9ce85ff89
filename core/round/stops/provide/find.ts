import { NAUPLII } from '../../../foods/hatchProfile'
import { unprovided, type Unprovided } from '../../../planning/firstFood'
import { goingOver } from '../../../planning/nextFood'
import { benchLacks, type BenchPart } from '../../../planning/plan/assumedBench'
import { addDays } from '../../../time/localDate'
import { answersOf, stopKey } from '../../../planning/reckoning/answered'
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
/** What may still wait and was seen to is asked for again when it may wait no longer, or after so long, d. */
const TRUSTED_D = 7

/** Whether it was answered at a round of the last days, however or in one way. */
function answeredLately(c: RoundContext, id: string, days: number, how?: 'done'): boolean {
  const answers = answersOf(c.state)
  return Array.from({ length: days }, (_, d) => addDays(c.round.date, -d)).some(date =>
    c.state.room.rounds.some(r => {
      const answer = answers.get(stopKey('provide', id, `${date}T${r.at}`))
      return answer !== undefined && (!how || answer.how === how)
    }),
  )
}

/** Whether nothing is to be asked again yet. */
function isSeenTo(c: RoundContext, id: string, { must, next }: ProvideStop): boolean {
  if (next !== null) return answeredLately(c, id, ASKED_EVERY_D.next)
  return (
    answeredLately(c, id, ASKED_EVERY_D.first) ||
    (!must && answeredLately(c, id, TRUSTED_D, 'done'))
  )
}

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
  const first = unprovided(c.state, c.readings).map(u => ({ ...u, id: u.brood.id, next: null }))
  const next = goingOver(c.state, c.readings).map(({ foodId, way, ...g }) => ({
    ...g,
    ...{ id: `${g.brood.id}-${foodId}`, next: foodId, late: null, ways: [way] },
  }))
  return [...first, ...next].flatMap(({ id, ...of }) => {
    const stop = stopOf(c, id, of)
    return isSeenTo(c, id, stop) ? [] : [stop]
  })
}
