import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { broodDemand } from '@renatus/core/planning/plan/demand'
import { addDays } from '@renatus/core/time/localDate'
import { WAIT_DAYS } from '@renatus/core/stock/weaning'
import { log } from '../../room'
import { planOf, smallRoom, theSolver } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})

/** Brood, what stands ticked, and what is ticked beside it. */
const CASES = [
  ['guppy', ['brine-shrimp'], 'moina'],
  ['angelfish', ['brine-shrimp'], 'microworm'],
  ['pygmy-sunfish', ['infusoria', 'brine-shrimp'], 'paramecium'],
] as const
const meals = (species: string, foods: readonly string[]) => {
  const { gaps } = planOf(solver, { species, foods: [...foods], fry: 100, grams: 200 })
  return gaps.reduce((sum, g) => sum + g.share * g.days, 0)
}

describe('a food more', () => {
  it.each(CASES)('%s with %j: %s beside it leaves no brood hungrier', (species, foods, more) => {
    const [few, many] = [meals(species, foods), meals(species, [...foods, more])]
    expect(many!).toBeLessThanOrEqual(few! + 0.02)
  })
})

describe('a food that was refused', () => {
  it('rests three days, and is in the plan again after them', () => {
    const on = '2026-03-09'
    const of = (entries: ReturnType<typeof log>[]) => {
      const { state, from } = smallRoom({
        species: 'guppy',
        foods: ['brine-shrimp', 'microworm'],
        freeOn: '2026-03-02',
        entries,
      })
      const [brood] = state.broods
      const days = broodDemand(state, brood!, from, 12)
      const eats = (day: number) =>
        days.find(d => d.day === day)!.foods.some(f => f.food === 'microworm')
      return { eats, from, brood: brood! }
    }
    const { brood, eats, from } = of([])
    expect(eats(0)).toBe(true)
    const about = { broodId: brood.id, foodId: 'microworm', take: false, on }
    const refused = of([log(`${on}T06:00:00.000Z`, 'weaning.decided', about)])
    expect(addDays(on, WAIT_DAYS) > from).toBe(true)
    expect(refused.eats(0)).toBe(false)
    expect([0, 1, 2, 3, 4, 5].map(refused.eats)).toEqual(
      [0, 1, 2, 3, 4, 5].map(day => addDays(from, day) >= addDays(on, WAIT_DAYS) && eats(day)),
    )
    expect(refused.eats(2)).toBe(true)
  })
})
