import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { starterComing } from '@renatus/core/planning/plan/starterComing'
import type { Entry } from '@renatus/core/records/entries'
import { log, uid } from '../../room'
import { planOf, smallRoom, theSolver } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})

const FOOD = 'microworm'
const ORDER = uid()
const ordered = (comesOn: string): Entry =>
  log('2026-03-08T06:00:00.000Z', 'order.placed', {
    orderId: ORDER,
    what: 'starter',
    foodId: FOOD,
    startId: null,
    comesOn,
  })
const came = log('2026-03-09T06:00:00.000Z', 'order.came', { orderId: ORDER, came: true })
const given = log('2026-03-09T06:00:00.000Z', 'order.came', { orderId: ORDER, came: false })
const room = (entries: Entry[]) => smallRoom({ foods: [FOOD], entries }).state
const starts = (entries: Entry[]) =>
  planOf(solver, { foods: [FOOD], freeOn: '2026-03-12', entries }).starts

describe('a starter that was ordered', () => {
  it('comes on its day, tomorrow when it is late, waits in its bag, and is none when it is given up', () => {
    expect(starterComing(room([]), FOOD)).toBeNull()
    expect(starterComing(room([ordered('2026-03-12')]), FOOD)).toBe(2)
    expect(starterComing(room([ordered('2026-03-12')]), 'moina')).toBeNull()
    expect(starterComing(room([ordered('2026-03-09')]), FOOD)).toBe(1)
    expect(starterComing(room([ordered('2026-03-12'), came]), FOOD)).toBe(0)
    expect(starterComing(room([ordered('2026-03-12'), given]), FOOD)).toBeNull()
  })
  it('is planned with: no other is bought, and nothing is started before it comes', () => {
    const bought = starts([])
    const coming = starts([ordered('2026-03-12')])
    const here = starts([ordered('2026-03-12'), came])
    expect(bought.length).toBeGreaterThan(0)
    expect(bought.every(s => s.orderBy !== null && s.on >= '2026-03-15')).toBe(true)
    expect(coming.length).toBeGreaterThan(0)
    expect(coming.every(s => s.orderBy === null && s.on >= '2026-03-12')).toBe(true)
    expect(coming[0]!.on < bought[0]!.on).toBe(true)
    expect(here[0]!).toMatchObject({ orderBy: null, on: '2026-03-10' })
  })
})
