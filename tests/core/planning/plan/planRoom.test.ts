import { beforeAll, describe, expect, it } from 'vitest'
import { wholeRation, broodDemand } from '@renatus/core/planning/plan/demand'
import { playFutures } from '@renatus/core/planning/plan/futures'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import type { PlanRequest } from '@renatus/core/planning/plan/request'
import type { PlanProblem } from '@renatus/core/planning/plan/problem'
import { readyBy } from '@renatus/core/planning/plan/redundancy'
import type { Solver } from '@renatus/core/math/solver'
import { vessel } from '@renatus/core/records/roomRecords'
import { broodLadder, foodsFor } from '@renatus/core/stock/broodLadder'
import { dayText } from '@renatus/core/time/dayText'
import { addDays, daysBetween, hoursBetween, toMs } from '@renatus/core/time/localDate'
import { cultureOf } from '../../cultureRoom'
import { uid } from '../../room'
import { EXACT, NOW, planOf, smallRoom, theSolver, type Small } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
const plan = (
  o: Small & { days?: number; certainty?: number } = {},
  more: Partial<PlanRequest> = {},
) => planOf(solver, o, { days: o.days ?? 40, certainty: o.certainty ?? 0.95, ...more })
const vessels = (p: ReturnType<typeof plan>) => p.starts.reduce((n, s) => n + s.vessels, 0)

describe('demand', () => {
  it('is the ladder in organisms: the shares of a day eat its ration, spill on top', () => {
    const { state, from } = smallRoom({ freeOn: '2026-03-12' })
    const brood = state.broods[0]!
    const days = broodDemand(state, brood, from, 20)
    expect(days[0]!.day).toBe(daysBetween(from, brood.freeOn))
    const ladder = broodLadder(brood, state.room, 0, 5)
    for (const d of days.slice(0, 5)) {
      expect(d.foods.reduce((s, f) => s + f.preferred, 0)).toBeCloseTo(1, 6)
      for (const f of d.foods) {
        const l = ladder.find(x => x.day === d.day - days[0]!.day)!
        expect(f.organisms).toBeCloseTo(
          wholeRation(
            l,
            foodsFor(brood, state.room).find(x => x.id === f.food)!,
          ),
          6,
        )
        expect(f.most).toBeGreaterThanOrEqual(f.preferred)
        if (f.preferred > 0)
          expect(f.organisms * f.preferred).toBeCloseTo(l.organisms[f.food]! * 1.1, 3)
      }
    }
  })
})

describe('the plan of a room', () => {
  it('starts a food by the school that somebody pinned, all of its vessels alike', () => {
    const of = (p: ReturnType<typeof plan>) =>
      new Set(p.starts.filter(s => s.food === 'microworm').map(s => s.method))
    const usual = plan({ foods: ['microworm'] })
    const first = usual.starts[0]!
    const pin = { food: 'microworm', on: first.on, vessels: first.vessels, method: 'bread' }
    expect([...of(usual)]).toEqual(['oats'])
    expect([...of(plan({ foods: ['microworm'] }, { pins: [pin] }))]).toEqual(['bread'])
  })
  it('wants nothing of a vessel before it can give, also where nobody eats of it later', () => {
    const on = addDays(smallRoom().from, 36)
    const pin = { food: 'microworm', method: 'oats', on, vessels: 1 }
    const p = plan({ foods: ['microworm'] }, { pins: [pin] })
    const gives = p.profiles.microworm!.findIndex(g => g > 0)
    expect(gives).toBeGreaterThan(3)
    expect(p.starts.some(s => s.on === on)).toBe(true)
    for (const s of p.starts) expect(daysBetween(s.on, s.neededOn)).toBeGreaterThanOrEqual(gives)
  })
  it('starts every culture in time for the brood, and names brood, date, days to ready and failures', () => {
    const p = plan()
    expect(p.status).toBe('optimal')
    expect(p.gaps).toEqual([])
    expect(p.starts.length).toBeGreaterThan(0)
    for (const s of p.starts) {
      if (!(s.on < s.neededOn))
        console.log(p.starts.map(x => [x.food, x.on, x.vessels, x.neededOn, x.readyBy].join(' ')))
      expect(s.on < s.neededOn).toBe(true)
      expect(s.why.rule).toContain('Angels')
      expect(s.why.rule).toContain(dayText(s.neededOn))
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
  it('rounds without a minute plan the least that keeps the fry fed, and say what is taken already', () => {
    const rounds = (state: PlanRequest['state'], minutes: number) => ({
      ...state,
      room: { ...state.room, rounds: state.room.rounds.map(r => ({ ...r, minutes })) },
    })
    const { state } = smallRoom()
    const [usual, none] = [30, 0].map(minutes => plan({}, { state: rounds(state, minutes) }))
    expect(none!.status).toBe('optimal')
    expect(none!.labour.there).toBe(0)
    expect(none!.labour.taken).toBeCloseTo(usual!.labour.taken, 6)
    expect(none!.labour.taken).toBeGreaterThan(0)
    expect(vessels(none!)).toBeGreaterThan(0)
    expect(vessels(none!)).toBeLessThanOrEqual(vessels(usual!))
    // What somebody pinned is done, whatever it takes.
    const pin = { food: 'microworm', method: 'oats', on: '2026-03-20', vessels: 3 }
    const pinned = plan({}, { state: rounds(state, 0), pins: [pin] })
    expect(pinned.status).toBe('optimal')
    expect(pinned.starts).toContainEqual(expect.objectContaining(pin))
  })
  it('what is sent in a season only is ordered when the season begins', () => {
    const fleas = plan({ foods: ['moina'], freeOn: '2026-03-14', fry: 200, days: 60 })
    const ordered = fleas.starts.filter(s => s.food === 'moina')
    for (const s of ordered) expect(s.orderBy! >= '2026-04-01').toBe(true)
    expect(ordered.length).toBeGreaterThan(0)
  })
  it('more certainty never means fewer vessels, and unchanged facts change nothing', () => {
    const counts = [0.8, 0.9, 0.95, 0.99].map(certainty => vessels(plan({ certainty })))
    expect(counts).toEqual([...counts].sort((a, b) => a - b))
    const first = plan()
    const again = plan({}, { begun: first.starts })
    expect(again.starts.map(s => [s.on, s.food, s.vessels])).toEqual(
      first.starts.map(s => [s.on, s.food, s.vessels]),
    )
    expect(plan()).toEqual(first)
  })
  it('what runs already is not started again', () => {
    const cultures = [1, 2, 3, 4].map(() => cultureOf('microworm', '2026-03-05T06:00:00Z'))
    const without = plan({ freeOn: '2026-03-12', foods: ['microworm'], days: 14 })
    const worms = plan({ freeOn: '2026-03-12', foods: ['microworm'], days: 14, cultures })
    expect(worms.gaps.length).toBeLessThanOrEqual(without.gaps.length)
    expect(vessels(worms)).toBeLessThanOrEqual(vessels(without))
  })
})

describe('what a plan keeps to', () => {
  it('hatches start and are pulled at rounds, no vessel holds two, and no more cysts are used than there are', () => {
    const p = plan({ freeOn: '2026-03-12', grams: 30 })
    expect(p.hatches.length).toBeGreaterThan(5)
    const atRound = (at: string) => ['05:30', '18:00', '04:30', '17:00'].includes(at.slice(11, 16))
    const free = new Map<string, string>()
    for (const h of [...p.hatches].sort((a, b) => toMs(a.startAt) - toMs(b.startAt))) {
      expect(h.startAt === NOW || atRound(h.startAt)).toBe(true)
      expect(h.pullsAt.every(atRound)).toBe(true)
      expect(hoursBetween(h.startAt, h.pullsAt[0]!)).toBeGreaterThan(10)
      expect(free.get(h.vesselId) ?? '').not.toBe(
        h.startAt > (free.get(h.vesselId) ?? '') ? h.startAt : '',
      )
      expect((free.get(h.vesselId) ?? '') <= h.startAt).toBe(true)
      free.set(h.vesselId, h.pullsAt.at(-1)!)
    }
    expect(p.hatches.reduce((g, h) => g + h.cystsG, 0)).toBeLessThanOrEqual(30.01)
  })
  it('takes of a day never exceed what a running culture gives, nor its ration', () => {
    const cultures = [cultureOf('microworm', '2026-02-28T06:00:00Z')]
    const p = plan({ freeOn: '2026-03-11', cultures, days: 21 })
    const request = smallRoom({ freeOn: '2026-03-11', cultures })
    const ahead = request.readings.get(cultures[0]!.id)!.ahead!.days
    const byDay = new Map<string, number>()
    for (const t of p.takes.filter(x => x.from.kind === 'culture'))
      byDay.set(t.day, (byDay.get(t.day) ?? 0) + t.organisms)
    expect(byDay.size).toBeGreaterThan(0)
    for (const [day, n] of byDay)
      expect(n).toBeLessThanOrEqual(ahead[daysBetween(request.from, day)]!.gives.p50 * 1.001)
    const shares = new Map<string, number>()
    for (const t of p.takes)
      shares.set(`${t.brood} ${t.day}`, (shares.get(`${t.brood} ${t.day}`) ?? 0) + t.share)
    for (const s of shares.values()) expect(s).toBeLessThan(1.001)
  })
  it('vessels of the room bound what is started; none at all is a gap with ways to close it', () => {
    const jar = (n: number) =>
      Array.from({ length: n }, (_, i) =>
        vessel.parse({
          id: uid(),
          updatedAt: NOW,
          type: 'vessel',
          placeId: null,
          temperatureC: null,
          name: `Jar ${i}`,
          kind: 'jar',
          litres: 1,
        }),
      )
    const most = (n: number) => {
      const p = plan({ foods: ['infusoria'], more: jar(n) })
      return Math.max(
        0,
        ...Array.from({ length: 40 }, (_, d) =>
          p.starts
            .filter(
              s =>
                s.on <= addDays('2026-03-10', d) && addDays(s.on, 13) >= addDays('2026-03-10', d),
            )
            .reduce((k, s) => k + s.vessels, 0),
        ),
      )
    }
    expect(most(1)).toBeLessThanOrEqual(1)
    expect(most(3)).toBeLessThanOrEqual(3)
    const tray = vessel.parse({
      id: uid(),
      updatedAt: NOW,
      type: 'vessel',
      placeId: null,
      temperatureC: null,
      name: 'Trough',
      kind: 'tank',
      litres: 400,
    })
    const none = plan({ foods: ['infusoria'], more: [tray] })
    expect(none).toMatchObject({ status: 'optimal', starts: [] })
    expect(none.gaps[0]!.ways.length).toBeGreaterThan(0)
  })
  it('ways to close a gap are ranked by what they close how surely, and each names when it helps', () => {
    const [gap] = plan({ freeOn: '2026-03-12', foods: ['infusoria'] }).gaps
    const worth = gap!.ways.map(w => w.closes * w.likely)
    expect(worth).toEqual([...worth].sort((a, b) => b - a))
    expect(new Set(gap!.ways.map(w => w.kind)).size).toBeGreaterThan(1)
    expect(
      plan({ species: 'medaka', freeOn: '2026-03-12', foods: ['infusoria'] }).gaps[0]!.ways.some(
        w => w.kind === 'bridge' && w.leadDays > 0,
      ),
    ).toBe(true)
    for (const w of gap!.ways) expect(w.helpsFrom >= '2026-03-10').toBe(true)
  })
  it('a pin stands on its day; pins beyond the vessels are a clash in words', () => {
    const pin = { food: 'microworm', method: 'oats', on: '2026-03-14', vessels: 2 }
    expect(
      plan({}, { pins: [pin] }).starts.find(s => s.food === 'microworm' && s.on === pin.on)!
        .vessels,
    ).toBeGreaterThanOrEqual(2)
    const only = plan({}, { pins: [pin], onlyPinned: true })
    expect(only.starts.map(s => [s.food, s.on, s.vessels])).toEqual([
      ['microworm', '2026-03-14', 2],
    ])
    const clash = plan({}, { pins: [{ ...pin, vessels: 90 }] })
    expect(clash.status).toBe('infeasible')
    expect(clash.clash).toContain('more vessels for microworm')
  })
  it('nothing is started on days away, and a start for a hoped spawn stands ready for the early edge', () => {
    const idle = Array.from({ length: 10 }, (_, i) => addDays('2026-03-10', i))
    expect(plan({}, { idle }).starts.every(s => !idle.includes(s.on))).toBe(true)
    const request = smallRoom()
    const hoped = (spreadDays: number) => {
      const state = {
        ...request.state,
        broods: request.state.broods.map(b => ({
          ...b,
          dates: { ...b.dates, free: { ...b.dates.free, seen: false, spreadDays } },
        })),
      }
      const { starts } = planRoom({ ...request, state, certainty: 0.8 }, solver, EXACT)
      return starts.map(s => s.on).sort()[0]!
    }
    expect(hoped(6) < hoped(0)).toBe(true)
  })
  it('says how far it is, and keeps the best plan when it is stopped', () => {
    const said: number[] = []
    const p = planRoom(smallRoom(), solver, EXACT, x => {
      said.push(x.solve)
      return said.length < 3
    })
    expect(['optimal', 'feasible']).toContain(p.status)
    expect(p.cover.length).toBeGreaterThan(0)
    const limited = planRoom(
      smallRoom(),
      {
        solve: (text, limits, on) => ({
          ...solver.solve(text, limits, on),
          status: 'time-limit' as const,
        }),
      },
      EXACT,
    )
    expect(limited.status).toBe('time-limit')
    expect(limited.gap).toBeGreaterThanOrEqual(0)
  })
  it('the why of a start changes with its date and its failures', () => {
    const rule = (o: Parameters<typeof plan>[0]) => plan(o).starts[0]!.why
    const [first, later] = [rule({}), rule({ freeOn: '2026-04-04' })]
    expect(later.rule).not.toBe(first.rule)
    for (const key of ['vessels', 'ready', 'late', 'failure', 'left'])
      expect(first.inputs.map(i => i.key)).toContain(key)
    const request = smallRoom()
    const worse = planRoom(
      {
        ...request,
        state: {
          ...request.state,
          learned: {
            ...request.state.learned,
            foods: { infusoria: { failure: { value: 0.6, book: 0.33, n: 9 } } as never },
          },
        },
      },
      solver,
      EXACT,
    )
    expect(worse.starts.find(s => s.food === 'infusoria')!.why.rule).toContain('60 in 100 fail')
  })
})

describe('futures', () => {
  const p: PlanProblem = {
    days: 12,
    broodDays: [10, 11].map(day => ({
      brood: 'b',
      day,
      foods: [{ food: 'x', preferred: 1, most: 1, organisms: 100, worth: 1 }],
    })),
    running: [],
    startable: [
      {
        id: 's',
        food: 'x',
        gives: Array.from({ length: 12 }, (_, d) => (d >= 6 ? 100 : 0)),
        vessel: 'x',
        holdsDays: 12,
        startMinutes: 0,
        dayMinutes: 0,
        fromDay: 0,
      },
    ],
    vessels: { x: new Array<number>(12).fill(3) },
    freely: [],
    lines: [],
    minutes: [],
    phase: 0,
    overtime: [],
    begun: [],
    hatching: null,
    pinned: [],
    onlyPinned: false,
    idle: [],
  }
  const solution = (n: number) => ({
    status: 'optimal' as const,
    objective: 0,
    gap: 0,
    shortages: [],
    starts: [{ startable: 's', day: 0, vessels: n }],
    meals: [10, 11].map(day => ({ brood: 'b', day, food: 'x', share: 1 })),
  })
  const NONE = { pace: 0, failures: 0, appetite: 0 }
  const reliability = { failure: 0.2, readyDays: 6, readyLogSd: 0.3 }
  const fate = { reliability, courses: [p.startable[0]!.gives], lagLogSd: 0.3, waits: 0 }
  const at = (n: number) =>
    playFutures(
      p,
      solution(n),
      { running: {}, starts: { s: fate }, broods: {}, doubt: NONE },
      3,
      4000,
    )
  it('one vessel covers as often as it is ready by then; more vessels more often; the same seed the same', () => {
    // The course of the start is stretched: on day 10 it stands where it would on day 10 over the lag.
    expect(at(1)[0]!.probability).toBeCloseTo(readyBy(reliability, 10), 1)
    expect(Math.abs(at(1)[0]!.probability - readyBy(reliability, 10))).toBeLessThan(0.03)
    expect(at(2)[0]!.probability).toBeGreaterThan(at(1)[0]!.probability)
    expect(at(2)).toEqual(at(2))
  })
  it('a running culture is there until it is lost, and others stand in where the mouth takes them', () => {
    const both: PlanProblem = {
      ...p,
      running: [{ id: 'r', food: 'y', surplus: new Array<number>(12).fill(100), dayMinutes: 0 }],
      broodDays: p.broodDays.map(b => ({
        ...b,
        foods: [...b.foods, { food: 'y', preferred: 0, most: 1, organisms: 100, worth: 1 }],
      })),
    }
    const covered = (lost: number) =>
      playFutures(
        both,
        solution(1),
        {
          running: { r: { lost: new Array<number>(12).fill(lost), logSd: 0 } },
          starts: { s: fate },
          broods: {},
          doubt: NONE,
        },
        3,
        2000,
      )[0]!.probability
    expect(covered(0)).toBe(1)
    expect(covered(0.5)).toBeLessThan(1)
    expect(covered(0.5)).toBeGreaterThan(at(1)[0]!.probability)
  })
})
