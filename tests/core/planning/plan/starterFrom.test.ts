import { describe, expect, it } from 'vitest'
import { startersFrom, type StarterUse } from '@renatus/core/planning/plan/starterFrom'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { cultureOf, startedFrom } from '../../cultureRoom'
import { log, uid } from '../../room'
import { smallRoom } from './small'

const READY = { failure: 0.1, readyDays: 7, readyLogSd: 0.2 }
const start = (food: string, method: string, on: string): StarterUse => ({
  food,
  method,
  on,
  ...READY,
})
const worms = (on: string) => start('microworm', 'oats', on)
const NONE = new Map<string, CultureReading>()
const empty = smallRoom({ foods: ['microworm'] }).state
const froms = (starts: StarterUse[], state = empty, readings = NONE) => {
  const found = startersFrom(starts, state, readings)
  return starts.map(s => found.get(s))
}
const reading = (readiness: object, readyH: { p50: number } | null) =>
  ({
    estimate: { readiness: { ready: 0, tiring: 0, failing: 0, failed: 0, ...readiness }, readyH },
  }) as CultureReading

describe('where a starter comes from', () => {
  it('is bought once a line: one bag does for its days, then the line is its own starter', () => {
    const starts = ['2026-03-15', '2026-03-17', '2026-03-20', '2026-03-27'].map(worms)
    // The first is safe to draw from on 25 March: on the 20th neither it nor the bag is there.
    expect(froms(starts)).toEqual(['post', 'bag', 'post', 'own'])
  })

  it('a bag that cannot be here sooner does for what was to be begun before it', () => {
    expect(froms(['2026-03-10', '2026-03-14'].map(worms))).toEqual(['post', 'bag'])
  })

  it('what comes by itself takes none', () => {
    expect(froms([start('infusoria', 'hay', '2026-03-15')])).toEqual([null])
  })

  it('comes from a vessel that runs or will run by then, not from one that goes wrong or of which nothing is known', () => {
    const jar = cultureOf('microworm', '2026-03-08T06:00:00Z', { logged: true })
    const { state } = smallRoom({
      foods: ['microworm'],
      cultures: [jar],
      entries: [startedFrom(jar, [])],
    })
    const of = (r: CultureReading | null, on = '2026-03-14') =>
      froms([worms(on)], state, new Map(r ? [[jar.id, r]] : []))[0]
    expect(of(null)).toBe('post')
    expect(of(reading({ ready: 0.9 }, null))).toBe('own')
    expect(of(reading({ ready: 0.9, failing: 0.6 }, null))).toBe('post')
    expect(of(reading({}, { p50: 24 * 7 }), '2026-03-14')).toBe('post')
    expect(of(reading({}, { p50: 24 * 7 }), '2026-03-15')).toBe('own')
  })

  it('comes from a bag that was ordered before', () => {
    const order = { orderId: uid(), what: 'starter', foodId: 'microworm', startId: null }
    const placed = log('2026-03-08T06:00:00.000Z', 'order.placed', {
      ...order,
      comesOn: '2026-03-13',
    } as never)
    const { state } = smallRoom({ foods: ['microworm'], entries: [placed] })
    expect(froms(['2026-03-13', '2026-03-16', '2026-03-17'].map(worms), state)).toEqual([
      'bag',
      'bag',
      'post',
    ])
  })
})
