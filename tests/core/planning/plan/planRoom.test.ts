import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { broodDemand, wholeRation } from '@renatus/core/planning/plan/demand'
import { playFutures } from '@renatus/core/planning/plan/futures'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest, type PlanRequest } from '@renatus/core/planning/plan/request'
import type { PlanProblem } from '@renatus/core/planning/plan/problem'
import { readyBy } from '@renatus/core/planning/plan/redundancy'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/planning/plan/solver'
import type { CultureRecord } from '@renatus/core/records/records'
import { broodLadder, foodsFor } from '@renatus/core/stock/broodLadder'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { roomState } from '@renatus/core/stock/roomState'
import { daysBetween } from '@renatus/core/time/localDate'
import { cultureOf } from '../../cultureRoom'
import { records } from '../../room'

let solver: Solver
beforeAll(async () => { solver = highsSolver(await highsLoader() as unknown as HighsLike) })

const NOW = '2026-03-10T05:00:00.000Z'
const EXACT = { nodes: 50_000, seconds: 20, gap: 0 }

/** A room whose fry swim free on a day and can take small food first. */
function request(o: { freeOn?: string, certainty?: number, cultures?: CultureRecord[], foods?: string[], days?: number, fry?: number } = {}): PlanRequest {
  const state = roomState([...records({ species: 'pygmy-sunfish', freeSwimmingOn: o.freeOn ?? '2026-04-01', foods: o.foods ?? ['infusoria', 'microworm', 'brine-shrimp'], fry: o.fry ?? 60 }), ...o.cultures ?? []], [], NOW)!
  const readings = new Map(state.cultures.map(c => [c.id, readCulture(c, state.entries, NOTHING_LEARNED, NOW, undefined, { ahead: true })!.reading]))
  return planRequest({ state, readings, days: o.days ?? 40, certainty: o.certainty ?? 0.95 })
}
const plan = (o: Parameters<typeof request>[0] = {}, more: Partial<PlanRequest> = {}) => planRoom({ ...request(o), ...more }, solver, EXACT)
const vessels = (p: ReturnType<typeof plan>) => p.starts.reduce((n, s) => n + s.vessels, 0)

describe('demand', () => {
  it('is the ladder in organisms: the shares of a day eat its ration, spill on top', () => {
    const { state, from } = request({ freeOn: '2026-03-12' })
    const brood = state.broods[0]!
    const days = broodDemand(state, brood, from, 20)
    expect(days[0]!.day).toBe(daysBetween(from, brood.freeOn))
    const ladder = broodLadder(brood, state.room, 0, 5)
    for (const d of days.slice(0, 5)) {
      expect(d.foods.reduce((s, f) => s + f.preferred, 0)).toBeCloseTo(1, 6)
      for (const f of d.foods) {
        const l = ladder.find(x => x.day === d.day - days[0]!.day)!
        expect(f.organisms).toBeCloseTo(wholeRation(l, foodsFor(brood, state.room).find(x => x.id === f.food)!), 6)
        expect(f.most).toBeGreaterThanOrEqual(f.preferred)
        if (f.preferred > 0) expect(f.organisms * f.preferred).toBeCloseTo(l.organisms[f.food]! * 1.1, 3)
      }
    }
  })
})

describe('the plan of a room', () => {
  it('starts every culture in time for the brood, and names brood, date, days to ready and failures', () => {
    const p = plan()
    expect(p.status).toBe('optimal')
    expect(p.gaps).toEqual([])
    expect(p.starts.length).toBeGreaterThan(0)
    for (const s of p.starts) {
      if (!(s.on < s.neededOn)) console.log(p.starts.map(x => [x.food, x.on, x.vessels, x.neededOn, x.readyBy].join(' ')))
      expect(s.on < s.neededOn).toBe(true)
      expect(s.why.rule).toContain('Angels')
      expect(s.why.rule).toContain(s.neededOn)
      expect(s.why.rule).toMatch(/ready after \d+ days, nine in ten within \d+; \d+ in 100 fail/)
    }
    for (const l of p.lastStarts) expect(l.on < '2026-04-30').toBe(true)
    const early = plan({ freeOn: '2026-03-24' })
    expect(early.starts[0]!.on <= p.starts[0]!.on).toBe(true)
    expect(early.starts[0]!.why.rule).not.toBe(p.starts[0]!.why.rule)
  })
  it('too late is a gap in words and numbers, not a failure of the plan', () => {
    const p = plan({ freeOn: '2026-03-11', foods: ['infusoria'] })
    expect(p.status).toBe('optimal')
    expect(p.gaps[0]).toMatchObject({ from: '2026-03-11' })
    expect(plan({ foods: [] }).starts).toEqual([])
  })
  it('more certainty never means fewer vessels, and unchanged facts change nothing', () => {
    const counts = [0.8, 0.9, 0.95, 0.99].map(certainty => vessels(plan({ certainty })))
    expect(counts).toEqual([...counts].sort((a, b) => a - b))
    const first = plan()
    const again = plan({}, { begun: first.starts })
    expect(again.starts.map(s => [s.on, s.food, s.vessels])).toEqual(first.starts.map(s => [s.on, s.food, s.vessels]))
    expect(plan()).toEqual(first)
  })
  it('what runs already is not started again', () => {
    const cultures = [1, 2, 3, 4].map(() => cultureOf('microworm', '2026-02-24T06:00:00Z'))
    const without = plan({ freeOn: '2026-03-12', foods: ['microworm'], days: 14 })
    const worms = plan({ freeOn: '2026-03-12', foods: ['microworm'], days: 14, cultures })
    expect(worms.gaps.length).toBeLessThanOrEqual(without.gaps.length)
    expect(vessels(worms)).toBeLessThanOrEqual(vessels(without))
  })
})

describe('futures', () => {
  const p: PlanProblem = {
    days: 12, broodDays: [10, 11].map(day => ({ brood: 'b', day, foods: [{ food: 'x', preferred: 1, most: 1, organisms: 100 }] })), running: [],
    startable: [{ id: 's', food: 'x', gives: Array.from({ length: 12 }, (_, d) => (d >= 6 ? 100 : 0)), vessel: 'x', holdsDays: 12, minutes: 0, cost: 0, fromDay: 0 }],
    vessels: { x: new Array<number>(12).fill(3) }, freely: [], least: [], begun: [], hatching: null, pinned: [], onlyPinned: false, idle: [],
  }
  const solution = (n: number) => ({ status: 'optimal' as const, objective: 0, gap: 0, shortages: [], starts: [{ startable: 's', day: 0, vessels: n }], meals: [10, 11].map(day => ({ brood: 'b', day, food: 'x', share: 1 })) })
  const reliability = { failure: 0.2, readyDays: 6, readyLogSd: 0.3 }
  const fate = { reliability, courses: [p.startable[0]!.gives], lagLogSd: 0.3, waits: 0 }
  const at = (n: number) => playFutures(p, solution(n), { running: {}, starts: { s: fate }, broods: {} }, 3, 4000)
  it('one vessel covers as often as it is ready by then; more vessels more often; the same seed the same', () => {
    // The course of the start is stretched: on day 10 it stands where it would on day 10 over the lag.
    expect(at(1)[0]!.probability).toBeCloseTo(readyBy(reliability, 10), 1)
    expect(Math.abs(at(1)[0]!.probability - readyBy(reliability, 10))).toBeLessThan(0.03)
    expect(at(2)[0]!.probability).toBeGreaterThan(at(1)[0]!.probability)
    expect(at(2)).toEqual(at(2))
  })
  it('a running culture is there until it is lost, and others stand in where the mouth takes them', () => {
    const both: PlanProblem = { ...p, running: [{ id: 'r', food: 'y', surplus: new Array<number>(12).fill(100) }], broodDays: p.broodDays.map(b => ({ ...b, foods: [...b.foods, { food: 'y', preferred: 0, most: 1, organisms: 100 }] })) }
    const covered = (lost: number) => playFutures(both, solution(1), { running: { r: { lost: new Array<number>(12).fill(lost), logSd: 0 } }, starts: { s: fate }, broods: {} }, 3, 2000)[0]!.probability
    expect(covered(0)).toBe(1)
    expect(covered(0.5)).toBeLessThan(1)
    expect(covered(0.5)).toBeGreaterThan(at(1)[0]!.probability)
  })
})
