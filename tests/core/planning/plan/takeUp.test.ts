import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { decisions } from '@renatus/core/planning/plan/decisions'
import { foodsToBridge, foodsToTakeUp } from '@renatus/core/planning/plan/takeUp'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import { EXACT, planOf, smallRoom, theSolver } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
const room = { species: 'pearl-gourami', freeOn: '2026-04-07', fry: 150, foods: ['brine-shrimp'] }

describe('what a room does not keep', () => {
  it('is reckoned with where mouths go mostly without, and starts in time without an order', () => {
    const bare = planOf(solver, room)
    expect(bare.gaps.some(g => g.share > 0.5)).toBe(true)
    expect(foodsToTakeUp(bare.gaps)).not.toEqual([])
    const { state, readings } = smallRoom(room)
    const q = { seed: 1, days: 42, certainty: 0.95, pins: [], onlyPinned: false }
    const plan = answerPlan(state, readings, { ...q, whatIf: NOTHING_ELSE }, solver, EXACT)
    expect(plan.takesUp.length).toBeGreaterThan(0)
    expect(plan.gaps.filter(g => g.share > 0.5)).toEqual([])
    expect(plan.starts.length).toBeGreaterThan(0)
    const mine = plan.starts.find(s => s.food === 'infusoria')
    if (mine) expect(mine.orderBy).toBeNull()
    const judged = { ...q, onlyPinned: true, whatIf: NOTHING_ELSE }
    expect(answerPlan(state, readings, judged, solver, EXACT).takesUp).toEqual([])
  })
  it('is a tin that bridges where days are planned and far from sure, and decided with its way', () => {
    // Infusoria in one corner of the room may fail together, however many jars there are.
    const doubtful = { ...room, foods: ['brine-shrimp', 'infusoria'] }
    const bare = planOf(solver, doubtful)
    expect(bare.gaps.filter(g => g.share > 0.5)).toEqual([])
    expect(bare.doubts.length).toBeGreaterThan(0)
    expect(foodsToBridge(bare.doubts)).toHaveLength(1)
    const told = decisions(bare, 'UTC', 40).filter(d => d.kind === 'doubt')
    expect(told.map(d => d.way !== null)).toContain(true)
    const { state, readings } = smallRoom(doubtful)
    const q = { seed: 1, days: 42, certainty: 0.95, pins: [], onlyPinned: false }
    const plan = answerPlan(state, readings, { ...q, whatIf: NOTHING_ELSE }, solver, EXACT)
    expect(plan.takesUp).toEqual(foodsToBridge(bare.doubts))
    const worst = (p: typeof plan) => Math.min(...p.cover.map(c => c.probability))
    expect(worst(plan)).toBeGreaterThan(worst(bare) + 0.1)
  })
  it('is a living food where a tin would carry fry through their first week', () => {
    const tinned = { ...room, foods: ['brine-shrimp', 'first-powder'] }
    const dry = planOf(solver, tinned)
    expect(dry.gaps).toEqual([])
    expect(dry.bridged.some(b => b.days >= 3)).toBe(true)
    const { state, readings } = smallRoom(tinned)
    const q = { seed: 1, days: 42, certainty: 0.95, pins: [], onlyPinned: false }
    const plan = answerPlan(state, readings, { ...q, whatIf: NOTHING_ELSE }, solver, EXACT)
    expect(plan.takesUp.filter(f => f !== 'first-powder')).not.toEqual([])
    expect(plan.starts.length).toBeGreaterThan(0)
    expect(plan.bridged).toEqual([])
    // Fry that hatched today: what stands ready in the middle of those days is begun today.
    const soon = { ...tinned, species: 'dwarf-gourami', freeOn: '2026-03-14' }
    const now = smallRoom(soon)
    const begun = answerPlan(now.state, now.readings, { ...q, whatIf: NOTHING_ELSE }, solver, EXACT)
    expect(begun.takesUp).toEqual(['infusoria'])
    expect(begun.starts.map(s => [s.food, s.on])).toContainEqual(['infusoria', '2026-03-10'])
    // Where a living food is kept that would do it, nothing new comes.
    expect(planOf(solver, { ...tinned, foods: [...tinned.foods, 'infusoria'] }).bridged).toEqual([])
  })
  it('bridges until what is kept lives: jars are begun today though powder would fill every day', () => {
    // Paramecium has to come by post and grows for a week; wild infusoria stand before it.
    const foods = ['infusoria', 'paramecium', 'brine-shrimp', 'first-powder']
    const kept = { species: 'dwarf-gourami', freeOn: '2026-03-15', fry: 150, foods }
    const plan = planOf(solver, kept)
    expect(plan.gaps).toEqual([])
    expect(plan.starts.map(s => [s.food, s.on])).toContainEqual(['infusoria', '2026-03-10'])
    const fed = (food: string) => plan.takes.filter(t => t.food === food && t.share > 0)
    const first = fed('infusoria')[0]!.day
    // From the day on which they stand powder is the lesser part of each day's ration.
    for (const t of fed('first-powder').filter(t => t.day > first && t.day < '2026-03-30'))
      expect(t.share, t.day).toBeLessThan(0.5)
  })
  it('is nothing where what is kept fits', () => {
    expect(foodsToTakeUp(planOf(solver, { species: 'guppy', freeOn: '2026-03-20' }).gaps)).toEqual(
      [],
    )
  })
})
