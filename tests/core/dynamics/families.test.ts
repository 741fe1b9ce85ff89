import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Action, ActionKind, AmountUnit } from '@renatus/core/dynamics/contract'
import { hatchCurve } from '@renatus/core/dynamics/hatch/hatchCurve'
import { lightLimit, dailyGrowth, secchiCm } from '@renatus/core/dynamics/phototroph/light'
import { foods, foodOf } from '@renatus/core/foods/index'
import {
  cultureParams,
  runCulture,
  startCulture,
  STEP_H,
  type Culture,
} from '@renatus/core/foods/culture'
import { simulate } from '@renatus/core/foods/simulate'
import { randomStream } from '@renatus/core/math/random'

const KINDS: ActionKind[] = [
  'feed',
  'dose',
  'stir',
  'topUp',
  'waterChange',
  'takeOut',
  'split',
  'renew',
  'poison',
]
const UNITS: (AmountUnit | undefined)[] = ['g', 'mL', 'share', 'mgPerL', undefined]
const anyAction = fc.record({
  kind: fc.constantFrom(...KINDS),
  unit: fc.constantFrom(...UNITS),
  amount: fc.option(fc.double({ min: 0, max: 500, noNaN: true }), { nil: undefined }),
})
const anyFood = fc
  .constantFrom(...foods)
  .chain(food => fc.record({ food: fc.constant(food), method: fc.constantFrom(...food.methods) }))

const numbers = (state: object) =>
  Object.entries(state).filter((e): e is [string, number] => typeof e[1] === 'number')
const INFINITE_BY_DESIGN = ['badAtD', 't90H']

describe('every family', () => {
  it('no state is ever negative or NaN under any sequence of actions and temperatures, and nothing grows beyond its cap', () => {
    fc.assert(
      fc.property(
        anyFood,
        fc.array(fc.tuple(anyAction, fc.double({ min: -5, max: 45, noNaN: true })), {
          minLength: 1,
          maxLength: 25,
        }),
        fc.integer(),
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        ({ food, method }, events, seed, volumeL) => {
          const chance = randomStream(seed)
          const k = startCulture(food, method, { volumeL }, chance)
          for (const [action, c] of events) {
            k.family.act(k.state, k.params, action as Action)
            runCulture(k, 18, () => c, chance)
            for (const [key, value] of numbers(k.state)) {
              expect(Number.isNaN(value), `${food.profile.id} ${key}`).toBe(false)
              if (key !== 'lost')
                expect(value, `${food.profile.id} ${key}`).toBeGreaterThanOrEqual(-1e-9)
              if (!INFINITE_BY_DESIGN.includes(key))
                expect(Number.isFinite(value), `${food.profile.id} ${key}`).toBe(true)
            }
            const stock = k.family.stock(k.state, k.params)
            expect(stock.organisms).toBeGreaterThanOrEqual(0)
            expect(
              k.family.surplusPerDay(k.state, k.params, { temperatureC: c }),
            ).toBeLessThanOrEqual(stock.organisms + 1e-6)
            if (food.profile.family === 'logistic')
              expect((k.state as { x: number }).x).toBeLessThanOrEqual(1)
            k.family.look(k.state, k.params)
          }
        },
      ),
      { seed: 21, numRuns: 150 },
    )
  }, 60_000)

  it('mass closes to 1e-6 with its account of losses', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('infusoria', 'moina', 'rotifer', 'green-water', 'marine-phytoplankton'),
        fc.array(fc.tuple(anyAction, fc.double({ min: 5, max: 38, noNaN: true })), {
          maxLength: 20,
        }),
        (id, events) => {
          const food = foodOf(id)!
          const k = startCulture(food, food.methods[0]!, { volumeL: 5 }, null)
          for (const [action, c] of [[{ kind: 'stir' }, 24] as const, ...events]) {
            k.family.act(k.state, k.params, action as Action)
            runCulture(k, 30, () => c, null)
            const b = k.family.balance(k.state, k.params)!
            const total = b.start + b.added
            expect(Math.abs(total - b.held - b.taken - b.lost)).toBeLessThan(
              1e-6 * Math.max(1, total),
            )
          }
        },
      ),
      { seed: 22, numRuns: 60 },
    )
  }, 60_000)

  it('same seed, same run; another seed, another', () => {
    for (const food of foods) {
      const run = (seed: number) =>
        JSON.stringify(
          simulate({
            food,
            method: food.methods[0]!,
            setup: { volumeL: 2 },
            temperature: () => 23,
            days: 25,
            actions: [],
            seed,
            runs: 12,
          }),
        )
      expect(run(3), food.profile.id).toBe(run(3))
      expect(run(3), food.profile.id).not.toBe(run(4))
    }
  })

  it('half the step changes the ready day and densities above 1 % of their peak by less than 1 %', () => {
    for (const food of foods) {
      const method = food.methods[0]!
      const c = (food.rangeC[0] + food.rangeC[1]) / 2
      const run = (stepH: number) =>
        simulate({
          food,
          method,
          setup: { volumeL: method.vessel.volumeL },
          temperature: () => c,
          days: 40,
          actions: [],
          seed: 1,
          runs: 1,
          stepH,
        })
      const [whole, half] = [run(6), run(3)]
      const peak = Math.max(...whole.days.map(d => d.organisms))
      whole.days.forEach((d, i) => {
        if (d.organisms > 0.01 * peak)
          expect(
            Math.abs(half.days[i]!.organisms / d.organisms - 1),
            `${food.profile.id} day ${i}`,
          ).toBeLessThan(0.01)
      })
      // The ready day is known to a step: finer steps may only move it inside the coarser one.
      if (whole.readyDay)
        expect(Math.abs(half.readyDay!.p50 - whole.readyDay.p50)).toBeLessThanOrEqual(
          Math.max(0.01 * whole.readyDay.p50, 0.125 + 1e-9),
        )
    }
  })

  it('steps of 6 h keep densities above 1 % of their peak within 1 % of two-minute ones', () => {
    const turning = foods.filter(f => ['succession', 'phototroph'].includes(f.profile.family))
    for (const food of turning)
      for (const [n, method] of food.methods.entries()) {
        const c = food.rangeC[n % 2]!
        const vessels = [STEP_H, 1 / 30].map(stepH => {
          const k = startCulture(food, { ...method, upkeep: [] }, { volumeL: 2 }, randomStream(n))
          return { k, day: () => runCulture(k, 24, () => c, null, stepH) }
        })
        let peak = 0
        for (let day = 1; day <= 20; day++) {
          const [whole, fine] = vessels.map(v => {
            v.day()
            return v.k.family.stock(v.k.state, v.k.params).organisms
          })
          peak = Math.max(peak, fine!)
          if (fine! < 0.01 * peak) continue
          const apart = Math.abs(whole! / fine! - 1)
          expect(apart, `${food.profile.id} ${method.id} day ${day}`).toBeLessThan(0.01)
        }
      }
  })

  it('a copy goes its own way', () => {
    for (const food of foods) {
      const k = startCulture(food, food.methods[0]!, { volumeL: 2 }, null)
      const before = JSON.stringify(k.state)
      const other: Culture = { ...k, state: k.family.copy(k.state) }
      expect(other.state).toStrictEqual(k.state)
      runCulture(other, 48, () => 22, null)
      expect(JSON.stringify(k.state)).toBe(before)
    }
  })
})

describe('families and what they rest on', () => {
  it('the hatch family follows the hatch curve', () => {
    const food = foodOf('brine-shrimp')!
    const k = startCulture(food, { ...food.methods[0]!, upkeep: [] }, { volumeL: 2 }, null)
    const curve = hatchCurve({ temperature: 25, speed: 1, spread: 0.17, decapsulated: false })
    for (let h = 6; h <= 48; h += 6) {
      runCulture(k, 6, () => 25, null)
      const s = k.state as { hatched: number; alive: number }
      expect(s.hatched).toBeCloseTo(curve.hatchedAt(h), 3)
      expect(s.alive).toBeCloseTo(curve.aliveAt(h), 1)
    }
  })
  it('at the light limit the daily mean of growth equals respiration, and a stick vanishes sooner in denser water', () => {
    const p = cultureParams(
      foodOf('green-water')!,
      foodOf('green-water')!.methods[0]!,
      undefined,
      null,
    ) as never
    const x = lightLimit(p, 0.25)
    expect(dailyGrowth(p, x, 0.25)).toBeCloseTo((p as { resp: number }).resp, 6)
    expect(secchiCm(p, 60)).toBeLessThan(secchiCm(p, 15))
    expect(secchiCm({ k: 0.2, kw: 0.3 }, 15)).toBeCloseTo(90 / 3.3, 6)
  })
})
