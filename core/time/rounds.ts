import { addDays, instantOf, localDateOf, toMs, type Instant, type LocalDate } from './localDate'

/** A round the room makes every day at the same local hour. */
export interface RoundTime {
  name: string
  /** Local clock time, HH:mm. */
  at: string
  /** Tanks are fed at it and nothing else. */
  feedingOnly?: boolean
  /** Minutes there are for it; null for the usual. */
  minutes?: number | null
  /** Where days of the week differ, Monday first; null for a day that does not. */
  minutesByDay?: readonly (number | null)[] | null
}

/** One round on one day. `key` names it in entries: it stays the same when the clock changes. */
export interface RoundOccurrence {
  key: string
  name: string
  date: LocalDate
  at: Instant
  feedingOnly: boolean
}

/** Local clock time of a round, as it stands in the room. */
export const timeOf = (round: Pick<RoundOccurrence, 'key'>) => round.key.slice(-5)

/** The rounds at which bottles may be started and pulled; all of them where a room marked every one as feeding only. */
export function fullRounds(rounds: readonly RoundOccurrence[]): readonly RoundOccurrence[] {
  const full = rounds.filter(r => !r.feedingOnly)
  return full.length > 0 ? full : rounds
}

/** All rounds of the days around an instant, in order of time. */
export function roundsAround(
  now: Instant,
  rounds: readonly RoundTime[],
  timeZone: string,
  daysBack: number,
  daysAhead: number,
): RoundOccurrence[] {
  const today = localDateOf(now, timeZone)
  const found: RoundOccurrence[] = []
  for (let day = -daysBack; day <= daysAhead; day++) {
    const date = addDays(today, day)
    for (const round of rounds) {
      found.push({
        key: `${date}T${round.at}`,
        name: round.name,
        date,
        at: instantOf(date, round.at, timeZone),
        feedingOnly: round.feedingOnly ?? false,
      })
    }
  }
  return found.sort((a, b) => toMs(a.at) - toMs(b.at))
}

/**
 * The round a person is working on: the last one that began, until halfway to the next.
 * Then it is the next one, which may be done early.
 */
export function currentRound(
  now: Instant,
  occurrences: readonly RoundOccurrence[],
): RoundOccurrence {
  const next = occurrences.find(r => toMs(r.at) > toMs(now))
  const last = occurrences.findLast(r => toMs(r.at) <= toMs(now))
  if (!last || !next) {
    const only = next ?? last
    if (!only) throw new Error('a room has at least one round')
    return only
  }
  return toMs(now) < (toMs(last.at) + toMs(next.at)) / 2 ? last : next
}
