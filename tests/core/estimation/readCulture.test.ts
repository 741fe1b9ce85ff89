import { describe, expect, it } from 'vitest'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { foods } from '@renatus/core/foods/index'
import { culture } from '@renatus/core/records/cultureRecord'
import type { CultureRecord } from '@renatus/core/records/records'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { log, uid } from '../room'

const START = '2026-03-01T12:00:00Z'
const NOW = '2026-03-09T12:00:00.000Z'
const of = (foodId: string, methodId: string, litres = 1): CultureRecord =>
  culture.parse({
    id: uid(),
    updatedAt: START,
    type: 'culture',
    name: 'A',
    foodId,
    methodId,
    startedAt: START,
    litres,
    temperatureC: 24,
  })
const keyOf = (signs: object) => JSON.stringify(Object.entries(signs).sort())

describe('a culture of the log', () => {
  it.each(foods.filter(f => f.profile.family !== 'hatch').map(f => [f.profile.id, f] as const))(
    '%s: four to six looks, no two alike, at least one of failure',
    (id, food) => {
      const { reading } = readCulture(
        of(id, food.methods[0]!.id, food.methods[0]!.vessel.volumeL),
        [],
        NOTHING_LEARNED,
        NOW,
      )!
      expect(reading.choices.length).toBeGreaterThanOrEqual(4)
      expect(reading.choices.length).toBeLessThanOrEqual(6)
      expect(new Set(reading.choices.map(c => keyOf(c.signs))).size).toBe(reading.choices.length)
      expect(reading.choices.some(c => c.failing)).toBe(true)
      expect(Object.keys(reading.look).length).toBeGreaterThan(1)
    },
  )
  it('moves with a look, says which, and goes on from what is remembered', () => {
    const c = of('microworm', 'oats', 0.3)
    const first = readCulture(c, [], NOTHING_LEARNED, NOW)!
    const look = log('2026-03-09T10:00:00Z', 'culture.looked', {
      cultureId: c.id,
      signs: { movers: 0, climbing: 0, smell: 3, film: 3 },
    })
    const bad = readCulture(c, [look], NOTHING_LEARNED, NOW, first.memory)!
    expect(bad.reading.estimate.pFailed).toBeGreaterThan(first.reading.estimate.pFailed + 0.3)
    expect(bad.reading.whyAt).toEqual(['2026-03-09T10:00:00.000Z'])
    expect(bad.reading).toEqual(readCulture(c, [look], NOTHING_LEARNED, NOW)!.reading)
  })
  it('starts from what the room has learned of its food; an unknown method is not read', () => {
    const c = of('microworm', 'oats', 0.3)
    const slow = {
      ...NOTHING_LEARNED,
      foods: {
        microworm: {
          growth: null,
          lag: null,
          capacity: null,
          failure: null,
          priors: { rOpt: { logShift: Math.log(0.6), logSd: 0.1 } },
        },
      },
    }
    const ready = (learned: typeof NOTHING_LEARNED) =>
      readCulture(c, [], learned, '2026-03-03T12:00:00Z')!.reading.estimate.readyH!.p50
    expect(ready(slow)).toBeGreaterThan(ready(NOTHING_LEARNED) * 1.2)
    expect(readCulture(of('microworm', 'magic'), [], NOTHING_LEARNED, NOW)).toBeNull()
  })
})
