import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { broodDemand } from '@renatus/core/planning/plan/demand'
import { WEIGHTS } from '@renatus/core/planning/plan/problem'
import { CERTAINTY } from '@renatus/core/planning/plan/request'
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
  ['betta', ['infusoria', 'brine-shrimp'], 'vinegar-eel'],
] as const
/** Kept foods that leave no gap, and what is ticked beside them. */
const FED = [
  ['neon-tetra', ['microworm', 'brine-shrimp'], ['paramecium', 'infusoria', 'vinegar-eel']],
  ['pygmy-sunfish', ['infusoria', 'brine-shrimp'], ['microworm', 'vinegar-eel', 'grindal-worm']],
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

/**
 * Minutes, money, and how well what is eaten suits, in the weights of a plan that nobody asked to be surer; and what the
 * choice between foods that suit alike may come to.
 */
function price(species: string, foods: readonly string[]) {
  const room = { species, foods: [...foods], fry: 100, grams: 200 }
  const { objective } = planOf(solver, room, { certainty: CERTAINTY.least })
  const { state, from } = smallRoom(room)
  const days = broodDemand(state, state.broods[0]!, from, 40).filter(d => d.foods.length > 0)
  // A plan reckons against the best there is for a day.
  const best = days.map(d => Math.max(...d.foods.map(f => f.worth)))
  const suits = best.reduce((sum, worth) => sum + WEIGHTS.lesser * (1 - worth), 0)
  return { all: objective + suits, ties: 2 * WEIGHTS.deviation * days.length }
}

describe('a food more is not dearer', () => {
  it.each(FED)('%s with %j', (species, foods, more) => {
    const { all } = price(species, foods)
    for (const food of more) {
      const beside = price(species, [...foods, food])
      expect(beside.all, food).toBeLessThanOrEqual(all + beside.ties)
    }
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
