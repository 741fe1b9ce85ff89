import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { decisions } from '@renatus/core/planning/plan/decisions'
import { answerPlan } from '@renatus/core/planning/plan/question'
import { NOTHING_ELSE } from '@renatus/core/planning/plan/whatIf'
import type { Entry } from '@renatus/core/records/entries'
import { storeStands } from '@renatus/core/stock/storeStands'
import { roomState } from '@renatus/core/stock/roomState'
import { addDays } from '@renatus/core/time/localDate'
import { log, records, uid } from '../../room'
import { EXACT, theSolver } from './small'

const NOW = '2026-03-24T05:34:00Z'
const FREE = '2026-03-29'
let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
/** A tank and a brood that swims free in five days; of the bench only what is named. */
function planFor(foods: string[], bench: string[] = [], entries: Entry[] = []) {
  const all = records({ species: 'peacock-gudgeon', freeSwimmingOn: FREE, fry: 60, foods }).filter(
    r => !['vessel', 'lot', 'salt'].includes(r.type) || bench.includes(r.type),
  )
  const state = roomState(all, entries, NOW)!
  const question = { days: 28, certainty: 0.95, seed: 1, pins: [], onlyPinned: false }
  return answerPlan(state, new Map(), { ...question, whatIf: NOTHING_ELSE }, solver, EXACT)
}
const coveredOn = (p: ReturnType<typeof planFor>, day: string) =>
  p.cover.find(c => c.day === day)!.planned

describe('what a plan counts on and the room has not', () => {
  it('a room without a bench: what lacks of it is to be got, and no bottle is filled before it can be here', () => {
    const p = planFor(['brine-shrimp'])
    const get = p.gets.find(g => g.food === 'brine-shrimp')!
    expect(get).toMatchObject({ parts: ['vessel', 'cysts', 'salt'], neededOn: FREE })
    expect(get.by < FREE && get.by >= '2026-03-24').toBe(true)
    expect(p.hatches.length).toBeGreaterThan(0)
    for (const h of p.hatches) expect(h.startAt.slice(0, 10) >= '2026-03-26').toBe(true)
    expect(coveredOn(p, FREE)).toBeGreaterThan(0.9)
    expect(decisions(p, 'Europe/Berlin').some(d => d.kind === 'get')).toBe(true)
  })

  it('a bench that is whole is nothing to get; one that lacks salt lacks that alone', () => {
    expect(planFor(['brine-shrimp'], ['vessel', 'lot', 'salt']).gets).toEqual([])
    expect(planFor(['brine-shrimp'], ['vessel']).gets[0]?.parts).toEqual(['cysts', 'salt'])
  })

  it('food that does not grow is there when it stands here, else to be ordered and to come in time', () => {
    const [get] = planFor(['frozen-nauplii']).gets
    expect(get).toMatchObject({ food: 'frozen-nauplii', parts: null, neededOn: FREE })
    expect(get!.by).toBe(addDays(FREE, -2))
    const { kind, data } = storeStands('frozen-nauplii', uid())
    expect(planFor(['frozen-nauplii'], [], [log(NOW, kind, data)]).gets).toEqual([])
    const placed = { orderId: uid(), what: 'food' as const, foodId: 'frozen-nauplii' }
    const ordered = planFor(
      ['frozen-nauplii'],
      [],
      [log(NOW, 'order.placed', { ...placed, comesOn: '2026-03-31' })],
    )
    expect(ordered.gets).toEqual([])
    expect(coveredOn(ordered, FREE)).toBeLessThan(0.5)
    expect(coveredOn(ordered, '2026-03-31')).toBeGreaterThan(0.9)
  })
})
