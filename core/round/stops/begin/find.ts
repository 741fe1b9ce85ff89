import { buyingOf } from '../../../foods/buying'
import { foodOf } from '../../../foods/index'
import type { HygieneClass } from '../../../foods/contract'
import { startsLeft, startStates, type StartState } from '../../../planning/plan/keptPlan'
import { startersFrom, type StarterFrom } from '../../../planning/plan/starterFrom'
import { STANDS_IN_FROM } from '../../../planning/plan/demand'
import { startMinutes } from '../../../planning/startMinutes'
import { lastSafeDays, readyBy } from '../../../planning/plan/redundancy'
import { isInBag, isWaitedFor } from '../../../planning/plan/starterComing'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { isReady } from '../../../planning/reckoning/sourcesAt'
import { broodLadder } from '../../../stock/broodLadder'
import type { BroodState } from '../../../stock/broodState'
import { madeLast, type MadeWith } from '../../../stock/madeWords'
import { running, type CultureState } from '../../../stock/cultures'
import { orders } from '../../../stock/orders'
import { addDays, daysBetween } from '../../../time/localDate'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Whether a start that is late still matters. */
export interface Lateness {
  /** Days past its day; 0 on it. */
  days: number
  /** How sure it still is to be ready in time, and on which day nine of ten would be. */
  likely: number
  readyBy: string
  code: 'on time' | 'late, still good' | 'late, doubtful' | 'too late'
}

/** A culture that the plan starts at this round. */
export interface BeginStop extends StopBase {
  kind: 'begin'
  start: StartState
  /** Of those that are left, as many as this round holds beside all else (fitBegin): the next asks for the rest. */
  vessels: number
  hygiene: HygieneClass
  late: Lateness
  steps: number
  /** The room's own vessel that it is started from; null where it is bought or wild. */
  mother: CultureState | null
  /** Where its starter is from: `post` is not here yet. */
  starter: StarterFrom
  /** What the last one was made with, in the room's own words. */
  made: MadeWith | null
  /** Foods that may stand in, where it comes too late. */
  instead: readonly string[]
}

const GOOD_FROM = 0.8
const DOUBTFUL_FROM = 0.3
/** A start that the plan itself was not sure of is doubtful down to this share of what was counted with. */
const DOUBTFUL_SHARE = 0.5

type Chances = Pick<StartState, 'on' | 'neededOn' | 'failure' | 'readyDays' | 'readyLogSd'>

/** @param counted how likely it was to be in time when it was planned */
function latenessCode(
  days: number,
  likely: number,
  counted: number,
  failure: number,
): Lateness['code'] {
  if (days === 0) return 'on time'
  if (likely >= GOOD_FROM * (1 - failure)) return 'late, still good'
  const doubtfulFrom = Math.min(DOUBTFUL_FROM, DOUBTFUL_SHARE * counted)
  return likely >= doubtfulFrom ? 'late, doubtful' : 'too late'
}

/** Does a start that was missed still matter? It does while it can be ready in time, and as a backup after that it does not. */
export function lateness(s: Chances, today: string): Lateness {
  const days = Math.max(0, daysBetween(s.on, today))
  const rel = { failure: s.failure, readyDays: s.readyDays, readyLogSd: s.readyLogSd }
  const likely = readyBy(rel, daysBetween(today, s.neededOn))
  const counted = readyBy(rel, daysBetween(s.on, s.neededOn))
  const code = latenessCode(days, likely, counted, s.failure)
  return { days, likely, readyBy: addDays(today, Math.ceil(lastSafeDays(rel))), code }
}

/** A start that is safe on a later day waits for minutes so long, d. */
const MOST_WAIT_D = 3

/** The room's own line of a food that is ready to be started from. */
function motherFor(c: RoundContext, foodId: string): CultureState | null {
  const mine = running(c.state.cultureStates).filter(x => x.record.foodId === foodId)
  const ready = mine.filter(x => {
    const food = foodOf(foodId)
    const reading = c.readings.get(x.id)
    return food && reading && (x.record.mother || isReady(x, food, reading))
  })
  return ready[0] ?? null
}

/** Whether the starter is still on its way, and no vessel of the room gives one. */
const isOnItsWay = (c: RoundContext, food: string): boolean =>
  isWaitedFor(c.state, food) && motherFor(c, food) === null

/** As many vessels as are started within so many minutes, and no fewer than one. */
export function fitBegin(stop: BeginStop, minutes: number): BeginStop {
  let { vessels } = stop
  while (vessels > 1 && startMinutes(stop.steps, vessels) > minutes) vessels--
  return { ...stop, vessels }
}

/** Foods of the room that the mouths could take on the day for which a start comes too late, the best first. */
function standsIn({ state }: RoundContext, start: StartState, brood: BroodState): string[] {
  const on = Math.max(0, daysBetween(start.neededOn, brood.freeOn))
  const suits = broodLadder(brood, state.room, on, 1)[0]?.suitability ?? {}
  return Object.entries(suits)
    .filter(([food, s]) => food !== start.food && s.value >= STANDS_IN_FROM)
    .sort(([, a], [, b]) => b.value - a.value)
    .map(([food]) => food)
}

/** Hours that a start may wait: while its starter is not here, else by how much later it would still be in time. */
function waitsFor(start: StartState, starter: StarterFrom, readyBy: string): number {
  if (starter === 'post') return 24 * buyingOf(foodOf(start.food)!).leadDays
  return 24 * Math.max(0, Math.min(MOST_WAIT_D, daysBetween(readyBy, start.neededOn)))
}

/**
 * Where starters are from as things stand, by start. Several may share a bag that has yet to come; what was ordered for a start
 * and came is not ordered again (order stop), so that it is started from, however old.
 */
function startersNow(c: RoundContext, states: readonly StartState[]): Map<string, StarterFrom> {
  const from = startersFrom(startsLeft(states, c.round.date), c.state, c.readings)
  const came = new Set(orders(c.state.entries).flatMap(o => (o.came === null ? [] : [o.startId])))
  const here = (s: StartState, is: StarterFrom): StarterFrom => {
    if (is === null || is === 'own') return is
    if (motherFor(c, s.food)) return 'own'
    return came.has(s.id) || isInBag(c.state, s.food) ? 'bag' : 'post'
  }
  return new Map([...from].map(([s, is]) => [s.id, here(s, is)]))
}

/** Cultures that the kept plan starts at this round, and what is late with what to make of it. */
export function findBegins(c: RoundContext): BeginStop[] {
  if (c.round.feedingOnly) return []
  const today = c.round.date
  const states = startStates(c.state.entries, c.state.cultureStates)
  const starters = startersNow(c, states)
  return states.flatMap((start): BeginStop[] => {
    const food = foodOf(start.food)
    if (!food || start.left <= 0 || start.on > today || isOnItsWay(c, start.food)) return []
    if (wasAnswered(c.state, c.round.key, 'begin', start.id)) return []
    const method = food.methods.find(m => m.id === start.method) ?? food.methods[0]!
    const late = lateness(start, today)
    const starter = starters.get(start.id) ?? null
    const waitsH = waitsFor(start, starter, late.readyBy)
    const brood = c.state.broods.find(b => b.id === start.forBrood)
    return [
      {
        kind: 'begin',
        key: stopKey('begin', start.id, c.round.key),
        subject: { type: 'food', id: start.food, name: food.profile.name },
        placeId: start.placeId,
        cautions: method.start.flatMap(s => s.cautions ?? []),
        must: waitsH === 0,
        waitsH,
        start,
        vessels: start.left,
        hygiene: method.hygiene,
        late,
        steps: method.start.length,
        mother: motherFor(c, start.food),
        starter,
        made: madeLast(c.state.entries, c.state.cultures, start.food),
        instead: late.code === 'too late' && brood ? standsIn(c, start, brood) : [],
      },
    ]
  })
}
