import { storeShelf } from './storeShelf'
import { trialShelf } from './trialShelf'
import { compare } from '@renatus/core/math/compare'
import type { PlayedGame } from '@renatus/core/practice/playedGame'
import { learnRoom, type LearningCache } from '@renatus/core/estimation/learning/learnRoom'
import { randomStream } from '@renatus/core/math/random'
import type { Entry } from '@renatus/core/records/entries'
import type { AnyRecord } from '@renatus/core/records/records'
import type { Learned } from '@renatus/core/stock/learned'
import { addDays, instantOf, toMs, type LocalDate } from '@renatus/core/time/localDate'
import { roundsAround } from '@renatus/core/time/rounds'
import { before } from './before'
import { loftAir, loftCultures, loftLives, loftPipette, weighedPipette } from './cultures'
import { countedBox, gelShelf } from './gelShelf'
import { idMaker } from './ids'
import { learnedGames } from './learner'
import { livedReadings, type RoundReadings } from './livedReadings'
import { livedWeeks } from './livedWeeks'
import { HISTORY_DAYS, netLoft } from './netLoft'

const LOFT_SEED = 7

/** Eight weeks of the loft and the whole of one day more, lived once; what is opened is moved to the day it is opened on. */
export interface Loft {
  /** The last day that was lived, in the zone. */
  today: LocalDate
  timeZone: string
  records: AnyRecord[]
  entries: Entry[]
  /** What the log had taught by the first round of the last day. */
  learning: { learned: Learned; cache: LearningCache }
  /** How it stood at each round of the last day, and at the one before. */
  rounds: LoftRound[]
  /** Two weeks of exercises; they are no part of the room. */
  practice: PlayedGame[]
}

/** What is beside the log when a round begins. */
interface LoftRound extends RoundReadings {
  /** A count of the gel box at the round before. */
  counted: Entry[]
}

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
  const midnight = instantOf(today, '00:00', timeZone)
  const late = lived.slice(-lastDay.length - 2)
  const rounds = late.slice(1).map((on, i) => {
    const there = before(whole, on.at)
    const id = idMaker(randomStream(LOFT_SEED + 3))
    // The eve is on in the first hour of the day and at no other time.
    const now = on.at < midnight ? midnight : on.at
    const counted = countedBox(there.records, there.entries, late[i]!, now, id)
    return { ...livedReadings(there, learning.learned, on.at), counted }
  })
  return { today, timeZone, ...whole, learning, rounds, practice }
}
