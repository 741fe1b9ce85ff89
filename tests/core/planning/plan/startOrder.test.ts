import { describe, expect, it } from 'vitest'
import { startOrder } from '@renatus/core/planning/plan/startOrder'
import { log, uid } from '../../room'
import { smallRoom } from './small'

const START = { id: 'microworm-2026-03-20', orderBy: '2026-03-15' }
const ORDER = uid()
const placed = (comesOn: string) =>
  log('2026-03-08T06:00:00.000Z', 'order.placed', {
    ...{ orderId: ORDER, what: 'starter', foodId: 'microworm', startId: START.id },
    comesOn,
  } as never)
const came = log('2026-03-09T06:00:00.000Z', 'order.came', { orderId: ORDER, came: true })
/** Today is 10 March. */
const of = (entries: ReturnType<typeof log>[] = [], start: typeof START | object = START) =>
  startOrder(smallRoom({ foods: ['microworm'], entries }).state, { ...START, ...start })

describe('the order of a start', () => {
  it('is to be made by its day, today where that is past, and none where the room has the starter', () => {
    expect(of()).toEqual({ state: 'to order', on: '2026-03-15' })
    expect(of([], { orderBy: '2026-03-08' })).toEqual({ state: 'to order', on: '2026-03-10' })
    expect(of([], { orderBy: null })).toBeNull()
  })
  it('is expected, due and late by the day on which it was to come, and none once it is here', () => {
    expect(of([placed('2026-03-12')])).toEqual({ state: 'ordered', on: '2026-03-12' })
    expect(of([placed('2026-03-10')])!.state).toBe('due')
    expect(of([placed('2026-03-09')])!.state).toBe('late')
    expect(of([placed('2026-03-09'), came])).toBeNull()
  })
  it('of another start is not its own', () => {
    expect(of([placed('2026-03-12')], { id: 'microworm-2026-03-30' })!.state).toBe('to order')
  })
})
