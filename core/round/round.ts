import { answersOf, type Answered } from '../planning/reckoning/answered'
import { roundsOf, type Reckoning } from '../planning/reckoning/reckon'
import type { Readings } from '../planning/reckoning/sourcesAt'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { AnyRecord, Room } from '../records/records'
import type { Learned } from '../stock/learned'
import { paceOf, type Pace } from '../stock/pace'
import type { Settled } from '../stock/settled'
import { roomState, type RoomState } from '../stock/roomState'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'
import { budgetOf } from '../time/roundBudget'
import { currentRound, roundsAround, timeOf, type RoundOccurrence } from '../time/rounds'
import { belliesAfter, type BelliesAfter } from './belliesAfter'
import { minutesOf, mostStops, roundMinutes } from './minutes'
import { roundContext } from './roundContext'
import type { Stop } from './stop'
import { kindOf, STOP_KINDS } from './stopKinds'
import { walkingOrder } from './walkingOrder'

/** A stop that waits because the minutes are up, and until which round it may. */
export interface Waiting {
  stop: Stop
  until: RoundOccurrence
}

export interface Round {
  current: RoundOccurrence
  next: RoundOccurrence
  /** What to do now, in the order of doing. */
  stops: Stop[]
  /** What may wait and does: the minutes of this round are up. */
  waiting: Waiting[]
  /** Until which round each stop may wait, by its key; what must be done now is not there. */
  untils: Map<string, string>
  /** Minutes of the stops, minutes that were done at this round, and those that there are. */
  minutes: number
  spent: number
  budget: number
  /** How long rounds take here, as the rounds before this one have shown. */
  pace: Pace
  /** Acts of this round, newest first, for Undo. */
  done: { act: string; entries: Entry[] }[]
  /** Broods that were fed at this round and whose bellies nobody has looked at since. */
  bellies: BelliesAfter[]
  /** Stops put off at this round. */
  postponed: number
  reckoning: Reckoning
  /** Rounds of the last three days in which nothing was logged though something was due. */
  missedRounds: number
}

/** The round that a person is working on at an instant. */
export function roundAt(room: Room, now: Instant): RoundOccurrence {
  return currentRound(now, roundsAround(now, room.rounds, room.timeZone, 4, 6))
}

/**
 * The state that a round is reckoned from: the room at the hour of the round, so that a minute or an hour changes nothing.
 * What was written since counts.
 */
export function roundState(
  records: readonly AnyRecord[],
  log: readonly Entry[],
  now: Instant,
  learned?: Learned,
  settled?: Settled,
): RoomState | null {
  const room = records.find((r): r is Room => r.type === 'room' && r.removedAt === null)
  return room ? roomState(records, log, roundAt(room, now).at, learned, settled) : null
}

/** A stop that does not fit into the minutes waits for the next rounds, h. */
const NEXT_ROUNDS_H = 24

/**
 * Stops of which the next round may do the rest, each of as much as the minutes hold beside all that must be.
 * The first that insists goes on in any case, so that nothing is put off for ever; what does not fit then waits.
 * @param left minutes of the round without those of what was answered, however: no answer makes another stop grow
 * @param wentOn one of them was answered at this round already
 */
function fitted(stops: readonly Stop[], left: number, pace: number, wentOn: boolean): Stop[] {
  const first = wentOn ? undefined : stops.find(s => s.must && kindOf(s).insists?.(s))
  const leastOf = (stop: Stop): Stop[] => {
    const { parts, fit } = kindOf(stop)
    if (fit) return stop === first ? [fit(stop, 0)] : []
    const must = parts?.(stop)?.must ?? stop
    return must.must ? [must] : []
  }
  let open = left - roundMinutes(stops.flatMap(leastOf), pace)
  return stops.map(stop => {
    const { fit } = kindOf(stop)
    if (!fit) return stop
    const least = roundMinutes(leastOf(stop), pace)
    const part = fit(stop, (open + least) / pace)
    const more = minutesOf(part, pace) - least
    if (part.must && stop !== first && more > open)
      return { ...part, must: false, waitsH: NEXT_ROUNDS_H }
    open -= more
    return part
  })
}

/** Which of what may wait is done at this round: the most pressing first, while minutes are left. */
function withinBudget(
  stops: readonly Stop[],
  { left, most }: { left: number; most: number },
  pace: number,
): { now: Stop[]; later: readonly Stop[] } {
  const now: Stop[] = []
  const may: { stop: Stop; whole: Stop | null }[] = []
  for (const stop of stops) {
    const parts = kindOf(stop).parts?.(stop) ?? null
    if (parts) {
      now.push(parts.must)
      may.push({ stop: parts.may, whole: stop })
    } else if (stop.must) now.push(stop)
    else may.push({ stop, whole: null })
  }
  let open = left - roundMinutes(now, pace)
  const later: Stop[] = []
  for (const { stop, whole } of may.sort((a, b) => a.stop.waitsH - b.stop.waitsH)) {
    const minutes = minutesOf(stop, pace)
    if (minutes > open || (whole === null && now.length >= most)) {
      later.push(stop)
      continue
    }
    open -= minutes
    const at = whole ? now.findIndex(s => s.key === whole.key) : -1
    if (whole && at >= 0) now[at] = whole
    else now.push(stop)
  }
  return { now, later }
}

/** The last round at which something that waits is still in time. */
function latest(stop: Stop, rounds: readonly RoundOccurrence[]): RoundOccurrence {
  const until = addHours(rounds[0]!.at, stop.waitsH)
  const full = rounds.slice(1).filter(r => !r.feedingOnly)
  return full.findLast(r => toMs(r.at) <= toMs(until)) ?? full[0] ?? rounds.at(-1)!
}

/**
 * The round of a state (see roundState): what to do, in the order of doing, what may wait, and what was done.
 * Pure: the same state and readings give the same round.
 */
export function buildRound(state: RoomState, readings: Readings): Round {
  const { all, current } = roundsOf(state)
  const c = roundContext(state, readings)
  const found = STOP_KINDS.flatMap(k => k.find(c))
  const pace = paceOf(state.entries, current.key)
  const answered = [...answersOf(state).values()].filter(a => a.roundKey === current.key)
  const done = answered.filter(a => a.how === 'done')
  const goesOn = STOP_KINDS.flatMap(k => (k.fit ? [`${k.kind}:`] : []))
  const wentOn = answered.some(({ key }) => goesOn.some(kind => key.startsWith(kind)))
  const minutesAnswered = (of: readonly Answered[]) =>
    of.reduce((m, a) => m + a.minutes * pace.factor, 0)
  const spent = minutesAnswered(done)
  const round = state.room.rounds.find(r => r.at === timeOf(current))
  const budget = budgetOf(round, current.date)
  const { now, later } = withinBudget(
    fitted(found, budget - minutesAnswered(answered), pace.factor, wentOn),
    { left: budget - spent, most: mostStops(budget) - done.length },
    pace.factor,
  )
  const stops = walkingOrder(now, state.places, lastPlace(state, current))
  return {
    current,
    next: c.reckoning.rounds[1]!,
    stops,
    waiting: later.map(stop => ({ stop, until: latest(stop, c.reckoning.rounds) })),
    untils: new Map(
      stops.filter(s => !s.must).map(s => [s.key, latest(s, c.reckoning.rounds).key] as const),
    ),
    minutes: roundMinutes(stops, pace.factor),
    spent,
    budget,
    pace,
    done: doneActs(state, current),
    bellies: belliesAfter(state, current),
    postponed: answered.filter(a => a.how === 'not-now').length,
    reckoning: c.reckoning,
    missedRounds: missed(state, all, current),
  }
}

/** Where the last vessel of a round was that somebody answered for; null before the first. */
function lastPlace(state: RoomState, current: RoundOccurrence): string | null {
  for (const { key, roundKey } of [...answersOf(state).values()].reverse()) {
    if (roundKey !== current.key) continue
    const subject = key.split(':')[1]
    const culture = state.cultureStates.find(c => c.id === subject)
    if (culture) return culture.placeId
  }
  return null
}

/** Acts of the current round that can be undone, newest first. */
function doneActs(state: RoomState, current: RoundOccurrence): Round['done'] {
  const since = addHours(current.at, -6)
  const acts = new Map<string, Entry[]>()
  for (const e of state.entries) {
    if (e.at < since || e.answers === null) continue
    acts.set(e.act, [...(acts.get(e.act) ?? []), e])
  }
  return [...acts].map(([act, entries]) => ({ act, entries })).reverse()
}

/** How many of the last three days' rounds passed without any meal while fry were to be fed. */
function missed(
  state: RoomState,
  all: readonly RoundOccurrence[],
  current: RoundOccurrence,
): number {
  const fed = new Set(ofKind(state.entries, 'tank.fed').map(e => e.data.roundKey))
  const began = state.entries[0]?.at
  if (!began || state.broods.length === 0) return 0
  let count = 0
  for (const round of all.slice(0, all.indexOf(current)).reverse()) {
    const old = hoursBetween(round.at, state.now) > 72 || toMs(round.at) < toMs(began)
    if (old || fed.has(round.key) || !state.broods.some(b => b.freeOn <= round.date)) break
    count++
  }
  return count
}
