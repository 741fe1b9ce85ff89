import type { BuiltProblem } from './buildProblem'
import type { Cover } from './futures'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { daysFromTo, dayThatFits } from './standing'
import { lastSafeDays } from './redundancy'
import type { RoomStart } from './startables'

/** A vessel more must make at least one brood-day surer by this: certainty is of mouths, not of jars. */
const WORTH_A_VESSEL = 0.02
/** A day leans on a food from this share on. */
const LEANS_FROM = 0.2
/** A day is planned whole from here on: what is short by plan is a gap, not a doubt. */
const WHOLE_FROM = 0.9
/** A start that is ready only so many days after the day it is wanted for does not help it. */
const WINDOW_D = 6
/** A vessel more is started so many days before the last safe day, where the minutes of that day are spoken for. */
const EARLIER_D = 6

const keyOf = (x: { brood: string; day: number }) => `${x.brood}\n${x.day}`

/** Days that are planned whole and yet less sure than wanted. */
const weakDays = (cover: readonly Cover[], certainty: number): Cover[] =>
  cover.filter(c => c.planned >= WHOLE_FROM && c.probability < certainty)

/** The day on which one vessel more is started so that it stands ready on a day; null where it cannot be. */
function dayFor(p: PlanProblem, s: RoomStart, need: number, made: readonly StartOn[]) {
  const last = Math.max(s.fromDay, Math.floor(need - lastSafeDays(s.reliability)))
  if (last + s.reliability.readyDays > need + WINDOW_D || last >= p.days) return null
  return dayThatFits(p, s, daysFromTo(last, Math.max(s.fromDay, last - EARLIER_D)), made)
}

/** One vessel more of each food that weak days could lean on, for the first of these days. */
function vesselsMore(
  { starts, problem: p }: BuiltProblem,
  weak: readonly Cover[],
  made: readonly StartOn[],
): StartOn[] {
  const needs = new Set(weak.map(keyOf))
  const first = new Map<string, number>()
  for (const b of p.broodDays) {
    if (b.standby || !needs.has(keyOf(b))) continue
    for (const f of b.foods)
      if (f.most > LEANS_FROM && b.day < (first.get(f.food) ?? Infinity)) first.set(f.food, b.day)
  }
  return [...first].flatMap(([food, need]): StartOn[] => {
    for (const s of starts.filter(x => x.food === food)) {
      const day = dayFor(p, s, need, made)
      if (day !== null) return [{ startable: s.id, day, vessels: 1 }]
    }
    return []
  })
}

/** By how much futures are surer, summed over days up to the certainty wanted, and on the day that gains most. */
function gainOf(was: readonly Cover[], is: readonly Cover[], certainty: number) {
  let [sum, most] = [0, 0]
  was.forEach((c, i) => {
    const gain = Math.min(certainty, is[i]!.probability) - Math.min(certainty, c.probability)
    sum += gain
    most = Math.max(most, gain)
  })
  return { sum, most }
}

/**
 * The one vessel more that makes the mouths of weak days surest for its minutes; null where none is worth it.
 * @param futures plays the starts that are made
 */
export function surerBy(
  built: BuiltProblem,
  made: readonly StartOn[],
  certainty: number,
  futures: (made: readonly StartOn[]) => readonly Cover[],
): StartOn | null {
  const was = futures(made)
  const weak = weakDays(was, certainty)
  if (weak.length === 0) return null
  const worth = vesselsMore(built, weak, made).map(more => {
    const gain = gainOf(was, futures([...made, more]), certainty)
    const s = built.starts.find(x => x.id === more.startable)!
    return { more, ...gain, each: gain.sum / (s.startMinutes + s.dayMinutes * s.holdsDays) }
  })
  const [best] = worth.filter(w => w.most >= WORTH_A_VESSEL).sort((a, b) => b.each - a.each)
  return best?.more ?? null
}

/**
 * A start on its last safe day, where it was planned for the middle of what may be; null where it
 * is safe already, or its first meal cannot be waited for more safely.
 */
export function saferDay(
  { starts, problem: p }: BuiltProblem,
  { meals, starts: made }: Pick<PlanSolution, 'meals' | 'starts'>,
  of: StartOn,
): StartOn | null {
  const s = starts.find(x => x.id === of.startable)
  if (!s || p.pinned.some(x => x.startable === of.startable && x.day === of.day)) return null
  const readyOn = of.day + s.reliability.readyDays
  const first = Math.min(
    ...meals.filter(m => m.food === s.food && m.day >= readyOn - 1).map(m => m.day),
  )
  const safe = Math.max(s.fromDay, Math.floor(first - lastSafeDays(s.reliability)))
  if (!Number.isFinite(first) || safe >= of.day) return null
  const others = made.filter(x => x !== of)
  const day = dayThatFits(p, s, daysFromTo(safe, of.day - 1), others, 0)
  return day === null ? null : { ...of, day }
}
