import type { CultureReading } from '../../estimation/readCulture'
import { foodOf } from '../../foods/index'
import type { Reason } from '../../reasons/reason'
import type { RoomState } from '../../stock/roomState'
import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
import { planDemand } from './demand'
import type { PlanProblem, PlanSolution } from './problem'
import { playFutures, type Cover, type Fates } from './futures'
import { lastSafeDays, readyBy, vesselsFor } from './redundancy'
import { PLAN_LIMITS, solvePlan } from './solvePlan'
import type { SolveLimits, SolveProgress, Solver } from './solver'
import { freeVessels, roomStarts, runningSupply, type RoomStart } from './startables'

export interface PlanRequest {
  state: RoomState
  readings: ReadonlyMap<string, CultureReading>
  from: LocalDate
  days: number
  /** Wanted certainty that enough vessels of a food are ready. */
  certainty: number
  begun: PlanProblem['begun']
  seed: number
}

export interface PlannedStart { food: string, method: string, on: LocalDate, vessels: number, bought: boolean, forBrood: string, neededOn: LocalDate, why: Reason }
export interface LastStart { brood: string, food: string, on: LocalDate }
export interface CultureGap { brood: string, from: LocalDate, to: LocalDate, share: number }

export interface CulturePlan {
  status: PlanSolution['status']
  objective: number
  gap: number
  starts: PlannedStart[]
  lastStarts: LastStart[]
  gaps: CultureGap[]
  cover: (Omit<Cover, 'day'> & { day: LocalDate })[]
  /** As the solver has it, so that the next plan can keep to it. */
  begun: PlanProblem['begun']
}

export const HORIZON = { least: 28, most: 120 } as const
/** Times that backups are raised and the plan is solved again. */
const ROUNDS = 3
/** From this share of a day's ration on a food is needed. */
const NEEDED_FROM = 0.05
const SHORT_FROM = 0.05

/**
 * Plans the starts of cultures for all broods of a room. Solved once for what is eaten, then again with the backups
 * that the wanted certainty asks for, at most three times. Hatches are planned by rounds (planning/hatchPlan.ts).
 */
export function planRoom(r: PlanRequest, solver: Solver, limits: SolveLimits = PLAN_LIMITS, progress?: (p: SolveProgress) => boolean): CulturePlan {
  const days = Math.max(1, Math.min(HORIZON.most, Math.round(r.days)))
  const starts = roomStarts(r.state, r.readings, days)
  const grown = new Set(starts.map(s => s.food))
  const problem: PlanProblem = {
    days, broodDays: planDemand(r.state, r.from, days), running: runningSupply(r.state, r.readings, days), startable: starts, vessels: freeVessels(starts, days),
    freely: r.state.room.foods.filter(f => !grown.has(f)), least: [], begun: r.begun,
  }
  let solution = solvePlan(problem, solver, limits, progress)
  for (let round = 0; round < ROUNDS; round++) {
    const least = backups(starts, solution, r.certainty, Math.max(1, r.state.places.length))
    if (JSON.stringify(least) === JSON.stringify(problem.least)) break
    problem.least = least
    solution = solvePlan(problem, solver, limits, progress)
  }
  const on = (day: number) => addDays(r.from, day)
  return {
    status: solution.status, objective: solution.objective, gap: solution.gap, begun: solution.starts,
    starts: solution.starts.map(s => plannedStart(r, starts.find(x => x.id === s.startable)!, s, solution, problem)).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : a.food < b.food ? -1 : 1)),
    lastStarts: lastStarts(r, starts, problem),
    gaps: gapsIn(solution, on),
    cover: playFutures(problem, solution, fatesOf(r, starts, days), r.seed).map(c => ({ ...c, day: on(c.day) })),
  }
}

/** What may befall what runs and what is started. */
const fatesOf = (r: PlanRequest, starts: readonly RoomStart[], days: number): Fates => ({
  lost: Object.fromEntries([...r.readings].map(([id, reading]) => [id, Array.from({ length: days }, (_, d) => reading.ahead?.days[Math.min(d, reading.ahead.days.length - 1)]?.lost ?? 0)])),
  starts: Object.fromEntries(starts.map(s => [s.id, s.reliability])),
})

/** Starts that a first plan makes, made up to the number that the certainty asks for, by the day on which it made them. */
function backups(starts: readonly RoomStart[], solution: PlanSolution, certainty: number, places: number): PlanProblem['least'] {
  return starts.flatMap((s) => {
    const mine = solution.starts.filter(x => x.startable === s.id)
    if (mine.length === 0) return []
    const needed = Math.max(...mine.map(x => x.vessels))
    const firstMeal = Math.min(...solution.meals.filter(m => m.food === s.food && m.share > NEEDED_FROM).map(m => m.day), Infinity)
    const start = Math.min(...mine.map(x => x.day))
    const waits = Number.isFinite(firstMeal) ? Math.max(firstMeal - start, s.reliability.readyDays) : s.reliability.readyDays
    const { vessels } = vesselsFor(needed, readyBy(s.reliability, waits), certainty, places)
    return vessels > needed ? [{ food: s.food, fromDay: Math.max(0, start - 2), byDay: start + 1, starts: vessels }] : []
  })
}

function plannedStart(r: PlanRequest, s: RoomStart, start: PlanSolution['starts'][number], solution: PlanSolution, p: PlanProblem): PlannedStart {
  // It serves from the first day on which it gives anything.
  const gives = start.day + Math.max(0, s.gives.findIndex(g => g > 0))
  const meals = solution.meals.filter(m => m.food === s.food && m.day >= gives && m.share > NEEDED_FROM).sort((a, b) => a.day - b.day)
  const wanted = p.broodDays.filter(b => b.day >= gives && b.foods.some(f => f.food === s.food && f.preferred > NEEDED_FROM)).sort((a, b) => a.day - b.day)[0]
  const first = meals[0] ?? wanted
  const brood = r.state.broods.find(b => b.id === first?.brood)
  const day = first?.day ?? start.day
  const { reliability: rel } = s
  const late = rel.readyDays * Math.exp(1.2816 * rel.readyLogSd)
  const needed = addDays(r.from, day)
  return {
    food: s.food, method: s.method.id, on: addDays(r.from, start.day), vessels: start.vessels, bought: s.bought, forBrood: brood?.id ?? '', neededOn: needed,
    why: {
      result: { label: `vessels of ${s.foodOf.profile.name}`, value: start.vessels, unit: '' },
      rule: `For ${brood?.name ?? 'the stock'} on ${needed}: it takes ${Math.round(rel.readyDays)} days, nine in ten within ${Math.round(late)}; ${Math.round(rel.failure * 100)} in 100 fail, so ${start.vessels === 1 ? 'one vessel is' : `${start.vessels} vessels are`} started.`,
      formula: 'vessels',
      inputs: [
        { key: 'vessels', label: 'vessels', value: start.vessels, unit: '', from: `wanted certainty ${Math.round(r.certainty * 100)} %` },
        { key: 'ready', label: 'days to ready, median', value: rel.readyDays, unit: 'd', from: `${s.method.name} at ${Math.round(s.temperatureC)} °C, model` },
        { key: 'late', label: 'nine in ten are ready within', value: late, unit: 'd', from: 'spread of the food' },
        { key: 'failure', label: 'share that fails', value: rel.failure, unit: '', from: r.state.learned.foods[s.food]?.failure ? 'your own vessels and the book' : 'the book' },
        { key: 'left', label: 'days until it is needed', value: daysBetween(addDays(r.from, start.day), needed), unit: 'd', from: brood?.name ?? '' },
      ],
      source: 'mixed-integer plan; beta-binomial of vessels that share a place',
    },
  }
}

/** For each brood and food of its ladder the day after which a start comes too late for nine in ten. */
function lastStarts(r: PlanRequest, starts: readonly RoomStart[], p: PlanProblem): LastStart[] {
  const first = new Map<string, { brood: string, food: string, day: number }>()
  for (const b of p.broodDays) {
    for (const f of b.foods) {
      const key = `${b.brood} ${f.food}`
      if (f.preferred > NEEDED_FROM && b.day < (first.get(key)?.day ?? Infinity)) first.set(key, { brood: b.brood, food: f.food, day: b.day })
    }
  }
  return [...first.values()].flatMap(({ brood, food, day }) => {
    const s = starts.find(x => x.food === food)
    return s && foodOf(food) && Number.isFinite(s.reliability.readyDays) ? [{ brood, food, on: addDays(r.from, Math.floor(day - lastSafeDays(s.reliability)) - (s.bought ? s.fromDay : 0)) }] : []
  })
}

/** Stretches of days on which a brood goes short. */
function gapsIn(solution: PlanSolution, on: (day: number) => LocalDate): CultureGap[] {
  const found: { brood: string, from: number, to: number, share: number }[] = []
  for (const s of [...solution.shortages].filter(x => x.share > SHORT_FROM).sort((a, b) => (a.brood < b.brood ? -1 : a.brood > b.brood ? 1 : a.day - b.day))) {
    const last = found.at(-1)
    if (last?.brood === s.brood && last.to === s.day - 1) {
      last.to = s.day
      last.share = Math.max(last.share, s.share)
    } else found.push({ brood: s.brood, from: s.day, to: s.day, share: s.share })
  }
  return found.map(g => ({ brood: g.brood, from: on(g.from), to: on(g.to), share: g.share }))
}
