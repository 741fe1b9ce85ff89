import fc from 'fast-check'
import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { WEIGHTS, type PlanProblem, type Startable } from '@renatus/core/planning/plan/problem'
import { COVERED_FROM } from '@renatus/core/planning/plan/repair'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { solvePlan } from '@renatus/core/planning/plan/solvePlan'

let solver: Solver
beforeAll(async () => {
  solver = highsSolver((await highsLoader()) as unknown as HighsLike)
})
const EXACT = { nodes: 100_000, seconds: 30, gap: 0 }

/**
 * The cheapest a plan can be once its starts are given: every brood-day and food on its own line, so food goes where it is worth most.
 * One brood a day here, so what a day's foods give is known: fill the ladder first, then the rest, and count what lacks.
 */
function costOf(p: PlanProblem, starts: readonly number[][]): number {
  let cost = 0
  const work = p.minutes.map(there => -there)
  p.startable.forEach((s, i) =>
    starts[i]!.forEach((n, from) => {
      const until = Math.min(p.days, from + s.holdsDays)
      cost += n * WEIGHTS.minutes * (s.startMinutes + s.dayMinutes * (until - from))
      work[from]! += n * s.startMinutes
      for (let day = from + 1; day < until; day++) work[day]! += n * s.dayMinutes
    }),
  )
  for (const line of p.lines)
    if (p.startable.some((s, i) => s.food === line.food && starts[i]!.some(n => n > 0)))
      cost += WEIGHTS.minutes * line.minutes + WEIGHTS.cost * line.cost
  work.forEach((over, day) => {
    const dear = Math.min(Math.max(0, over), p.overtime[day]!)
    cost += WEIGHTS.overtime * dear + WEIGHTS.starving * (Math.max(0, over) - dear)
  })
  for (const b of p.broodDays) {
    const cap = b.foods.map(f => {
      const running = p.running
        .filter(r => r.food === f.food)
        .reduce((n, r) => n + (r.surplus[b.day] ?? 0), 0)
      const fresh = p.startable.reduce(
        (n, s, i) =>
          n +
          (s.food === f.food
            ? starts[i]!.reduce(
                (m, k, day) => m + (b.day >= day ? k * (s.gives[b.day - day] ?? 0) : 0),
                0,
              )
            : 0),
        0,
      )
      return Math.min(f.most, (running + fresh) / f.organisms)
    })
    // A share of shortage costs a thousand times a share of deviation: feed all that can be fed, as near to the ladder as that allows.
    const total = Math.min(
      1,
      cap.reduce((s, c) => s + c, 0),
    )
    const given = cap.map((c, k) => Math.min(c, b.foods[k]!.preferred))
    let more = total - given.reduce((s, g) => s + g, 0)
    // What suits best steps in first.
    const order = cap.map((_c, k) => k).sort((x, y) => b.foods[y]!.worth - b.foods[x]!.worth)
    for (const k of order) {
      const add = Math.max(0, Math.min(more, cap[k]! - given[k]!))
      given[k]! += add
      more -= add
    }
    const top = Math.max(...b.foods.map(f => f.worth))
    cost += given.reduce((s, g, k) => s + g * WEIGHTS.lesser * (top - b.foods[k]!.worth), 0)
    // A tenth that lacks is nearly fed; what lies beyond is hunger.
    const little = Math.min(1 - total, 1 - COVERED_FROM)
    cost +=
      WEIGHTS.shortage * (1 - total - little) +
      WEIGHTS.nearlyFed * little +
      WEIGHTS.deviation * given.reduce((s, g, k) => s + Math.abs(g - b.foods[k]!.preferred), 0)
  }
  return cost
}

/** Every way to start up to the vessels there are, on every day. */
function best(p: PlanProblem): number {
  const slots = p.startable
    .flatMap((s, i) => Array.from({ length: p.days }, (_, day) => ({ i, day, from: s.fromDay })))
    .filter(x => x.day >= x.from)
  let least = Infinity
  const starts = p.startable.map(() => new Array<number>(p.days).fill(0))
  const fits = () =>
    Object.entries(p.vessels).every(([vessel, free]) =>
      free.every(
        (n, day) =>
          p.startable.reduce(
            (used, s, i) =>
              used +
              (s.vessel === vessel
                ? starts[i]!.reduce(
                    (m, k, from) => m + (from <= day && day < from + s.holdsDays ? k : 0),
                    0,
                  )
                : 0),
            0,
          ) <= n,
      ),
    )
  const walk = (n: number) => {
    if (!fits()) return
    if (n === slots.length) {
      least = Math.min(least, costOf(p, starts))
      return
    }
    const { i, day } = slots[n]!
    for (let k = 0; k <= 2; k++) {
      starts[i]![day] = k
      walk(n + 1)
    }
    starts[i]![day] = 0
  }
  walk(0)
  return least
}

const startable = (id: string, food: string): fc.Arbitrary<Startable> =>
  fc.record({
    id: fc.constant(id),
    food: fc.constant(food),
    gives: fc
      .tuple(
        fc.constant(0),
        fc.constant(0),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 900 }),
      )
      .map(t => [...t]),
    vessel: fc.constant('jar'),
    holdsDays: fc.integer({ min: 2, max: 5 }),
    startMinutes: fc.integer({ min: 0, max: 40 }),
    dayMinutes: fc.integer({ min: 0, max: 8 }),
    fromDay: fc.integer({ min: 0, max: 2 }),
  })
const tinyRoom: fc.Arbitrary<PlanProblem> = fc.record({
  days: fc.constant(5),
  broodDays: fc
    .array(
      fc.record({
        brood: fc.constant('b'),
        day: fc.integer({ min: 0, max: 4 }),
        foods: fc
          .tuple(
            fc.double({ min: 0, max: 1, noNaN: true }),
            fc.integer({ min: 50, max: 1500 }),
            fc.integer({ min: 50, max: 1500 }),
            fc.double({ min: 0, max: 1, noNaN: true }),
          )
          .map(([share, a, b, most]) => [
            { food: 'x', preferred: share, most: 1, organisms: a, worth: 0.9 },
            { food: 'y', preferred: (1 - share) * most, most, organisms: b, worth: most },
          ]),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map(list => list.filter((b, i) => list.findIndex(o => o.day === b.day) === i)),
  running: fc.array(
    fc.record({
      id: fc.constant('r'),
      food: fc.constantFrom('x', 'y'),
      surplus: fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 5, maxLength: 5 }),
      dayMinutes: fc.constant(0),
    }),
    { maxLength: 1 },
  ),
  startable: fc.tuple(startable('s', 'x'), startable('t', 'y')).map(t => [...t]),
  vessels: fc.integer({ min: 0, max: 2 }).map(n => ({ jar: new Array<number>(5).fill(n) })),
  freely: fc.constant([]),
  lines: fc
    .record({
      food: fc.constant('x'),
      minutes: fc.integer({ min: 0, max: 400 }),
      cost: fc.integer({ min: 0, max: 5 }),
    })
    .map(line => [line]),
  minutes: fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 5, maxLength: 5 }),
  phase: fc.constant(0),
  overtime: fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 5, maxLength: 5 }),
  begun: fc.constant([]),
  hatching: fc.constant(null),
  pinned: fc.constant([]),
  onlyPinned: fc.constant(false),
  idle: fc.constant([]),
})

describe('the programme of a plan', () => {
  it('finds what trying every start finds, on tiny rooms', () => {
    fc.assert(
      fc.property(tinyRoom, p => {
        const found = solvePlan(p, solver, EXACT)
        expect(found.status).toBe('optimal')
        expect(found.objective).toBeCloseTo(best(p), 4)
      }),
      { seed: 701, numRuns: 25 },
    )
  }, 60_000)

  const day = (d: number, organisms = 100) => ({
    brood: 'b',
    day: d,
    foods: [{ food: 'x', preferred: 1, most: 1, organisms, worth: 1 }],
  })
  const room = (more: Partial<PlanProblem> = {}): PlanProblem => ({
    days: 10,
    broodDays: [day(6), day(7)],
    running: [],
    startable: [
      {
        id: 's',
        food: 'x',
        gives: [0, 0, 0, 100, 100, 100, 100],
        vessel: 'jar',
        holdsDays: 10,
        startMinutes: 15,
        dayMinutes: 0,
        fromDay: 0,
      },
    ],
    vessels: { jar: new Array<number>(10).fill(3) },
    freely: [],
    lines: [],
    minutes: [],
    phase: 0,
    overtime: new Array<number>(10).fill(30),
    begun: [],
    hatching: null,
    pinned: [],
    onlyPinned: false,
    idle: [],
    ...more,
  })
  it('starts in time what will be needed, and nothing where it stands already', () => {
    const plan = solvePlan(room(), solver, EXACT)
    expect(plan.shortages).toEqual([])
    expect(plan.starts).toHaveLength(1)
    expect(plan.starts[0]!.day).toBeLessThanOrEqual(3)
    expect(
      solvePlan(
        room({
          running: [
            { id: 'r', food: 'x', surplus: new Array<number>(10).fill(200), dayMinutes: 0 },
          ],
        }),
        solver,
        EXACT,
      ).starts,
    ).toEqual([])
  })
  it('no vessel, or nothing that fits, is a shortage in the plan and never an error', () => {
    const none = solvePlan(room({ vessels: { jar: new Array<number>(10).fill(0) } }), solver, EXACT)
    expect(none).toMatchObject({
      status: 'optimal',
      starts: [],
      shortages: [
        { day: 6, share: 1 },
        { day: 7, share: 1 },
      ],
    })
    expect(
      solvePlan(room({ broodDays: [{ brood: 'b', day: 1, foods: [] }] }), solver, EXACT).shortages,
    ).toEqual([{ brood: 'b', day: 1, share: 1 }])
    expect(solvePlan({ ...room(), broodDays: [], startable: [] }, solver)).toMatchObject({
      status: 'optimal',
      objective: 0,
      starts: [],
    })
  })
  it('keeps to the minutes of a day where another day does as well, and feeds beyond them', () => {
    const wide = { ...room().startable[0]!, gives: [0, 0, 0, 100, 100, 100, 100, 100, 100, 100] }
    const tight = room({ startable: [wide], minutes: [0, 0, 20, 0, 0, 0, 60, 60, 60, 60] })
    expect(solvePlan(tight, solver, EXACT).starts.map(s => s.day)).toEqual([2])
    const none = room({ startable: [wide], minutes: [0, 0, 0, 0, 0, 60, 60, 60, 60, 60] })
    expect(solvePlan(none, solver, EXACT).starts).toHaveLength(1)
  })
  it('says how far it has come, and stops when it is asked to', () => {
    const many = room({
      days: 10,
      broodDays: Array.from({ length: 10 }, (_, d) => day(d, 70 + 13 * d)),
      startable: Array.from({ length: 6 }, (_, i) => ({
        id: `s${i}`,
        food: 'x',
        gives: Array.from({ length: 10 }, (_x, k) => (k < 2 ? 0 : 31 + 7 * i)),
        vessel: 'jar',
        holdsDays: 3 + i,
        startMinutes: 10 + i,
        dayMinutes: 0,
        fromDay: 0,
      })),
    })
    expect(['feasible', 'optimal', 'infeasible']).toContain(
      solvePlan(many, solver, EXACT, () => false).status,
    )
  })
})
