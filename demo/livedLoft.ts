import { storeShelf } from './storeShelf'
import { trialShelf } from './trialShelf'
import { compare } from '@renatus/core/math/compare'
import type { PlayedGame } from '@renatus/core/practice/playedGame'
import { learnRoom, type LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import { randomStream } from '@renatus/core/math/random'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Learned } from '@renatus/core/stock/learned'
import {
  addDays,
  instantOf,
  toMs,
  type Instant,
  type LocalDate,
} from '@renatus/core/time/localDate'
import { roundsAround } from '@renatus/core/time/rounds'
import { loftAir, loftCultures, loftLives, loftPipette, weighedPipette } from './cultures'
import { gelShelf } from './gelShelf'
import { idMaker } from './ids'
import { learnedGames } from './learner'
import { livedReadings, type RoundReadings } from './livedReadings'
import { livedWeeks } from './livedWeeks'
import { HISTORY_DAYS, netLoft } from './netLoft'

export const LOFT_SEED = 7

/** Eight weeks of the loft and the whole of one day more, lived once; what is opened is moved to the day it is opened on. */
export interface Loft {
  /** The last day that was lived, in the zone. */
  today: LocalDate
  timeZone: string
  records: AnyRecord[]
  entries: Entry[]
  /** What the log had taught by the first round of the last day. */
  learning: { learned: Learned; cache: LearningCache }
  /** What was believed at each round of the last day. */
  readings: RoundReadings[]
  /** Two weeks of exercises; they are no part of the room. */
  practice: PlayedGame[]
}

/** The room as it stood before an instant: what came later is not there, what was removed later is. */
export const before = <T extends { records: readonly AnyRecord[]; entries: readonly Entry[] }>(
  { records, entries }: T,
  at: Instant,
): { records: AnyRecord[]; entries: Entry[] } => ({
  records: records
    .filter(r => r.updatedAt < at && !(r.type === 'culture' && r.startedAt >= at))
    .map(r => (r.removedAt !== null && r.removedAt >= at ? { ...r, removedAt: null } : r)),
  entries: entries.filter(e => e.at < at),
})

/** Same day and zone: same loft. It takes seconds: the build lives it once. */
export function livedLoft(today: LocalDate, timeZone: string): Loft {
  const chance = randomStream(LOFT_SEED)
  const begun = instantOf(addDays(today, -HISTORY_DAYS), '06:00', timeZone)
  const id = idMaker(chance)
  const kitchen = idMaker(randomStream(LOFT_SEED + 2))
  const loft = netLoft(today, timeZone, begun, () => id(toMs(begun)))
  const furniture = [...loft, ...gelShelf(loft, begun, () => kitchen(toMs(begun) + 3))]
  const room = furniture.find(r => r.type === 'room')!
  const stores = storeShelf(begun, idMaker(randomStream(LOFT_SEED + 3)))
  const trials = trialShelf(begun, idMaker(randomStream(LOFT_SEED + 4)))
  const noon = instantOf(today, '12:00', timeZone)
  const lived = roundsAround(noon, room.rounds, timeZone, HISTORY_DAYS, 0)
  const past = lived.filter(r => r.date < today)
  const more = idMaker(randomStream(LOFT_SEED + 1))
  const { cultures, set } = loftCultures(past, furniture, begun, () => more(toMs(begun) + 1))
  const pipette = loftPipette(begun, () => more(toMs(begun) + 2))
  const furnished = [...furniture, ...cultures, set, pipette, ...stores.records, ...trials.records]
  const weeks = livedWeeks(furnished, loftLives(cultures, past), lived, chance, id)
  const entries = [
    ...weeks.entries,
    ...loftAir(past, furniture, more),
    weighedPipette(pipette, past, more),
    ...stores.entries,
    ...trials.entries,
  ].sort((a, b) => compare(a.id, b.id))
  const whole = { records: weeks.records, entries }
  const lastDay = lived.filter(r => r.date === today)
  const first = before(whole, lastDay[0]!.at)
  const learning = learnRoom(first.records, first.entries)!
  const evenings = idMaker(randomStream(LOFT_SEED + 5))
  const practice = learnedGames(today, timeZone, LOFT_SEED, evenings)
  const readings = lastDay.map(r => livedReadings(before(whole, r.at), learning.learned, r.at))
  return { today, timeZone, ...whole, learning, readings, practice }
}
