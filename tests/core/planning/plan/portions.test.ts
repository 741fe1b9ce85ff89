import fc from 'fast-check'
import { expect, test } from 'vitest'
import { addWanted, fedShare, plannedShare, portionsOf } from '@renatus/core/planning/plan/portions'
import { COVERED_FROM, stepIn } from '@renatus/core/planning/plan/repair'
import type { BroodDay } from '@renatus/core/planning/plan/problem'

const FOODS = ['a', 'b', 'c', 'd']
const DAYS = 3
const row = (food: string) => FOODS.indexOf(food) * DAYS
const unit = fc.double({ min: 0, max: 1, noNaN: true })
const food = fc.record({ most: unit, given: unit, organisms: fc.integer({ min: 1, max: 5000 }) })
const foodsOfDay = fc.tuple(food, food, food, food)
const stock = fc.array(fc.integer({ min: 0, max: 20_000 }), {
  minLength: FOODS.length,
  maxLength: FOODS.length,
})

test('a day of one future is fed by the one rule of what steps in, and what steps in is nobody else’s', () => {
  fc.assert(
    fc.property(foodsOfDay, stock, stock, unit, (drawn, has, others, appetite) => {
      const day = 1
      const foods = drawn.map(({ most, organisms }, i) => ({
        food: FOODS[i]!,
        most,
        organisms,
        preferred: most,
      }))
      const b = { brood: 'x', day, foods } as unknown as BroodDay
      const given = drawn.map(d => Math.min(d.given, d.most) / FOODS.length)
      const meals = FOODS.map((f, i) => ({ brood: 'x', day, food: f, share: given[i]! }))
      const portions = portionsOf([b], meals, row)
      const [supply, wanted] = [new Float64Array(12), new Float64Array(12)]
      FOODS.forEach((f, i) => {
        supply[row(f) + day] = has[i]!
        wanted[row(f) + day] = others[i]!
      })
      const eats = 0.5 + appetite
      addWanted(portions, 0, day, wanted, eats)
      const before = Float64Array.from(wanted)
      const is = fedShare(portions, 0, day, supply, wanted, eats)

      const cell = (i: number) => row(FOODS[i]!) + day
      const planned = given.reduce((sum, share, i) => {
        const there = supply[cell(i)]! / Math.max(1e-9, before[cell(i)]!)
        return share > 0 ? sum + share * Math.min(1, there) : sum
      }, 0)
      const eater = { foods: foods.map(f => ({ ...f, organisms: f.organisms * eats })) }
      const spare = (f: string) => supply[row(f) + day]! - before[row(f) + day]!
      const steps =
        planned >= COVERED_FROM ? [] : stepIn(eater as unknown as BroodDay, planned, given, spare)
      const added = steps.reduce((sum, share) => sum + share, 0)
      expect(is).toBeCloseTo(planned + added, 9)
      steps.forEach((share, i) =>
        expect(wanted[cell(i)]! - before[cell(i)]!).toBeCloseTo(
          share * foods[i]!.organisms * eats,
          6,
        ),
      )
      expect(plannedShare(portions, 0)).toBeCloseTo(
        given.reduce((a, g) => a + g, 0),
        9,
      )
    }),
    { seed: 1, numRuns: 300 },
  )
})
