import type { FoodMethod } from '../../foods/contract'
import { foodOf } from '../../foods/index'
import { edible } from '../../fry/edibles'
import { running } from '../../stock/cultures'
import { addDays } from '../../time/localDate'
import type { BuiltProblem } from './buildProblem'
import { feedsADay } from './labour'
import type { PlanProblem, PlanSolution, StartOn } from './problem'
import { lastSafeDays } from './redundancy'
import type { PlanRequest } from './request'
import { daysFromTo, mayStand, minutesUsed } from './standing'
import { servesDays, type RoomStart } from './startables'
import { together } from './together'

/** What a culture drinks of another one: water fleas, rotifers and copepods on green water or algae. */
export interface CultureFeed {
  /** A vessel that stands, by its id, or a start of the plan, by food and date. */
  culture: string
  name: string
  /** What is drunk, L a day. */
  food: string
  litres: number
  /** The vessel or start it comes from first; null where nothing here gives it. */
  from: string | null
  /** First and last day, from the first of the plan. */
  fromDay: number
  toDay: number
}

/** Below this share of what is drunk nobody goes hungry. */
const ENOUGH = 0.1
/** The same where a plan is kept: what is drunk changes a little with every look, and jars that run make up for it. */
const ENOUGH_TO_STAY = 0.5
/** Jars of a food beyond which a tank of it would be the thing. */
const MOST_VESSELS = 4
const MOST_STARTS = 12
/** Jars are as many as give what so many days lack, from the first that does; later ones are another start's. */
const SIZED_FOR_D = 10

type Drinker = Omit<CultureFeed, 'from'>

/** Litres a day that a vessel of a school drinks of another culture; null where it is fed otherwise. */
export function drinks(
  method: FoodMethod,
  volumeL: number,
): { food: string; litres: number } | null {
  const { feed } = method
  if (!feed?.foodId || feed.unit !== 'mL') return null
  return { food: feed.foodId, litres: (feed.perL / 1000) * volumeL * feedsADay(feed) }
}

/** Animals or cells of a food in a litre as it is poured. */
function perLitre(food: string): number {
  const portion = edible(food)?.portion
  return portion?.unit === 'mL' ? portion.perUnit * 1000 : Infinity
}

function standingDrinkers(r: PlanRequest, days: number): Drinker[] {
  return running(r.state.cultureStates).flatMap((c): Drinker[] => {
    const food = foodOf(c.record.foodId)
    const method = food?.methods.find(m => m.id === c.record.methodId)
    const drunk = method && !c.quarantine ? drinks(method, c.record.litres) : null
    if (!method || !drunk) return []
    const toDay = Math.min(days, servesDays(c, method.renewAfterDays, r.state.now)) - 1
    return [{ culture: c.id, name: c.record.name, ...drunk, fromDay: 0, toDay }]
  })
}

const keyOf = (r: PlanRequest, food: string, day: number) => `${food} ${addDays(r.from, day)}`

function startedDrinkers(r: PlanRequest, built: BuiltProblem, made: readonly StartOn[]): Drinker[] {
  return made.flatMap((m): Drinker[] => {
    const s = built.starts.find(x => x.id === m.startable)
    const drunk = s && drinks(s.method, s.vesselClass.litres)
    if (!s || !drunk) return []
    const toDay = Math.min(built.problem.days, m.day + s.holdsDays) - 1
    return [
      {
        culture: keyOf(r, s.food, m.day),
        name: s.foodOf.profile.name,
        food: drunk.food,
        litres: drunk.litres * m.vessels,
        fromDay: m.day,
        toDay,
      },
    ]
  })
}

/** What is there of a food on each day when the broods have had theirs. */
function leftOf(food: string, { problem, starts }: BuiltProblem, solution: PlanSolution): number[] {
  const left = new Array<number>(problem.days).fill(0)
  for (const x of problem.running)
    if (x.food === food) left.forEach((_, d) => (left[d]! += x.surplus[d] ?? 0))
  for (const m of solution.starts) {
    const s = starts.find(x => x.id === m.startable)
    if (s?.food === food) addGiven(left, s, m)
  }
  for (const m of solution.meals) {
    if (m.food !== food) continue
    const day = problem.broodDays.find(b => b.brood === m.brood && b.day === m.day)
    left[m.day]! -= m.share * (day?.foods.find(f => f.food === food)?.organisms ?? 0)
  }
  return left
}

function addGiven(left: number[], s: RoomStart, m: StartOn): void {
  for (let d = m.day; d < left.length; d++) left[d]! += (s.gives[d - m.day] ?? 0) * m.vessels
}

/** Days on which a start may be made for a day of need: as it is kept, else from its last safe day to the last that does. */
function startDays(s: RoomStart, needed: number, begun: readonly StartOn[]): number[] {
  const kept = begun.find(b => b.startable === s.id && (s.gives[needed - b.day] ?? 0) > 0)
  if (kept) return [kept.day]
  const safe = Math.max(s.fromDay, 0, needed - Math.ceil(lastSafeDays(s.reliability)))
  return daysFromTo(safe, Math.max(safe, needed - ripensIn(s)))
}

/** Days from a start to the first on which it gives. */
const ripensIn = (s: RoomStart) => s.gives.findIndex(g => g > 0)

const total = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0)

/** So many vessels of a start as find a place on a day, of those that are wanted. */
function mayStart(p: PlanProblem, s: RoomStart, day: number, wanted: number, made: StartOn[]) {
  let vessels = 0
  const begun = () => [...made, { startable: s.id, day, vessels }]
  while (vessels < wanted && mayStand(p, s, day, begun())) vessels++
  return vessels
}

/**
 * The first of some days on which vessels find a place and their minutes; where none has the minutes the one that runs
 * over least, since who drinks of them would go without. Null where no vessel is free on any.
 */
function leastOver(
  p: PlanProblem,
  s: RoomStart,
  days: readonly number[],
  wanted: number,
  made: StartOn[],
): Omit<StartOn, 'startable'> | null {
  const used = minutesUsed(p, made)
  const over = (x: { day: number; vessels: number }) =>
    Math.max(0, used[x.day]! + x.vessels * s.startMinutes - (p.minutes[x.day] ?? Infinity))
  const [best] = days
    .filter(day => day < p.days && !p.idle.includes(day))
    .map(day => ({ day, vessels: mayStart(p, s, day, wanted, made) }))
    .filter(x => x.vessels > 0)
    .sort((a, b) => over(a) - over(b))
  return best ?? null
}

/** Starts of a kept plan that somebody will drink of: they stand as they are kept. */
function stillWanted(
  s: RoomStart,
  wanted: readonly number[],
  { problem }: BuiltProblem,
  { starts: made }: PlanSolution,
): StartOn[] {
  const isDrunk = (b: StartOn) => wanted.some((w, d) => w > 0 && (s.gives[d - b.day] ?? 0) > 0)
  const isMade = (b: StartOn) => made.some(m => m.startable === b.startable && m.day === b.day)
  return problem.begun.filter(b => b.startable === s.id && isDrunk(b) && !isMade(b))
}

/** Vessels of one food that are started so that those who drink it never stand dry. */
function startsFor(
  food: string,
  wanted: readonly number[],
  built: BuiltProblem,
  solution: PlanSolution,
  isKept: boolean,
): StartOn[] {
  const { problem, starts } = built
  const s = starts.find(x => x.food === food)
  if (!s || problem.onlyPinned || ripensIn(s) < 0) return []
  const left = leftOf(food, built, solution)
  const found = stillWanted(s, wanted, built, solution)
  for (const start of found) addGiven(left, s, start)
  const enough = isKept ? ENOUGH_TO_STAY : ENOUGH
  const ripe = s.gives.slice(ripensIn(s))
  const lacks = (d: number) => Math.max(0, wanted[d]! - left[d]!)
  // What is drunk before anything begun now gives, nothing can help.
  let from = Math.max(s.fromDay, 0) + ripensIn(s)
  while (found.length < MOST_STARTS) {
    const needed = wanted.findIndex((w, d) => d >= from && w > 0 && lacks(d) > enough * w)
    if (needed < 0) break
    const lacking = wanted.slice(needed, needed + SIZED_FOR_D).map((_, i) => lacks(needed + i))
    const asked = Math.min(
      MOST_VESSELS,
      Math.ceil(total(lacking) / total(ripe.slice(0, lacking.length))),
    )
    const made = [...solution.starts, ...found]
    const start = leastOver(problem, s, startDays(s, needed, problem.begun), asked, made)
    from = needed + 1
    if (!start) continue
    found.push({ startable: s.id, ...start })
    addGiven(left, s, found.at(-1)!)
  }
  return together(found)
}

/** What cultures drink of cultures over the days of a plan, and the starts that this takes. */
export function planWeb(
  r: PlanRequest,
  built: BuiltProblem,
  solution: PlanSolution,
): { feeds: CultureFeed[]; starts: StartOn[] } {
  const { days } = built.problem
  const drinkers = [...standingDrinkers(r, days), ...startedDrinkers(r, built, solution.starts)]
  const foods = [...new Set(drinkers.map(d => d.food))].sort()
  const starts = foods.flatMap(food => {
    const wanted = new Array<number>(days).fill(0)
    for (const d of drinkers)
      if (d.food === food)
        for (let day = d.fromDay; day <= d.toDay; day++) wanted[day]! += d.litres * perLitre(food)
    return wanted.every(Number.isFinite) ? startsFor(food, wanted, built, solution, r.isKept) : []
  })
  const source = (food: string): string | null => {
    const stands = built.problem.running.find(x => x.food === food && x.surplus.some(n => n > 0))
    if (stands) return stands.id
    const start = [...solution.starts, ...starts].find(
      m => built.starts.find(s => s.id === m.startable)?.food === food,
    )
    return start ? keyOf(r, food, start.day) : null
  }
  return { feeds: drinkers.map(d => ({ ...d, from: source(d.food) })), starts }
}
