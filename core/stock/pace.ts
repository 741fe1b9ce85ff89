import { median } from 'simple-statistics'
import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryOf } from '../records/entries'
import { addDays, toMs } from '../time/localDate'

/** How long rounds really take, against what is reckoned for a practised person. */
export interface Pace {
  /** So many times the minutes that are reckoned. */
  factor: number
  /** Rounds that it was learned from. */
  rounds: number
}

/** Rounds and days that are looked back at: hands get quicker, and a room changes. */
const LOOKED_BACK = 20
const LOOKED_BACK_D = 28
/** Stops of a round below which it tells nothing of its pace. */
const FEWEST_STOPS = 4
/** A longer wait between two taps is a breakfast, minutes. */
const PAUSE_MIN = 20
/** A round outside of these was tapped through at a table, or left open. */
const BELIEVED = [0.25, 4] as const
/** Finer is noise, and would move plans from day to day. */
const STEP = 0.1
/** So many rounds weigh as much as what is reckoned (working estimate). */
const PRIOR_ROUNDS = 3

type Answered = EntryOf<'stop.answered'>

/** Minutes from tap to tap against those that were reckoned; null where a round tells nothing. */
function ratioOf(answers: readonly Answered[]): number | null {
  if (answers.length < FEWEST_STOPS) return null
  const byTime = [...answers].sort((a, b) => toMs(a.at) - toMs(b.at))
  let took = 0
  let reckoned = 0
  byTime.slice(1).forEach((a, i) => {
    const minutes = (toMs(a.at) - toMs(byTime[i]!.at)) / 60_000
    if (minutes > PAUSE_MIN) return
    took += minutes
    if (a.data.how === 'done') reckoned += a.data.minutes
  })
  const ratio = took / Math.max(1e-9, reckoned)
  return ratio >= BELIEVED[0] && ratio <= BELIEVED[1] ? ratio : null
}

const known = new WeakMap<readonly Entry[], Map<string, Pace>>()

/**
 * The pace of a room out of the taps of its last rounds: the median of their ratios on the logarithm, shrunk to what is
 * reckoned. Pauses and rounds that were tapped through afterwards are left out.
 * @param before a round, or a day: what is tapped from then on teaches nothing yet, so that no minute moves while it is worked
 */
export function paceOf(entries: readonly Entry[], before: string): Pace {
  const byRound = known.get(entries) ?? new Map<string, Pace>()
  known.set(entries, byRound)
  const found = byRound.get(before) ?? learnPace(entries, before)
  byRound.set(before, found)
  return found
}

function learnPace(entries: readonly Entry[], before: string): Pace {
  const from = addDays(before.slice(0, 10), -LOOKED_BACK_D)
  const byRound = new Map<string, Answered[]>()
  for (const e of ofKind(entries, 'stop.answered')) {
    if (e.data.how !== 'done' || e.data.roundKey >= before || e.data.roundKey < from) continue
    byRound.set(e.data.roundKey, [...(byRound.get(e.data.roundKey) ?? []), e])
  }
  const ratios = [...byRound.values()].flatMap(answers => ratioOf(answers) ?? [])
  const logs = ratios.slice(-LOOKED_BACK).map(Math.log)
  const n = logs.length
  if (n === 0) return { factor: 1, rounds: 0 }
  const factor = Math.exp((median(logs) * n) / (n + PRIOR_ROUNDS))
  return { factor: Math.round(factor / STEP) * STEP, rounds: n }
}
