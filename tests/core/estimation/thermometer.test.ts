import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import type { Observation } from '@renatus/core/estimation/observation'
import { ROOM_THERMOMETER_SD_C, warmerBy } from '@renatus/core/estimation/thermometer'
import { foodOf } from '@renatus/core/foods/index'

describe('how far a vessel is from its thermometer', () => {
  it('is as often warmer as colder, in few values that lie together', () => {
    const all = Array.from({ length: 400 }, (_, n) => warmerBy(n, 400, ROOM_THERMOMETER_SD_C))
    const mean = all.reduce((a, b) => a + b, 0) / all.length
    const sd = Math.sqrt(all.reduce((a, b) => a + (b - mean) ** 2, 0) / all.length)
    expect(mean).toBeCloseTo(0, 9)
    expect(sd).toBeGreaterThan(0.9 * ROOM_THERMOMETER_SD_C)
    expect(sd).toBeLessThanOrEqual(ROOM_THERMOMETER_SD_C)
    expect(all.filter((c, i) => i > 0 && c !== all[i - 1])).toHaveLength(new Set(all).size - 1)
  })

  it('leaves the day of a stage clock open, which has no other doubt; a thermometer in it narrows that', () => {
    const food = foodOf('mosquito-larva')!
    const method = food.methods[0]!
    const setup = { volumeL: method.vessel.volumeL }
    const subject = { food, method, setup, temperatureC: 24, seed: 5 }
    const width = (seen: Observation[]) => {
      const { readyH } = estimate(subject, seen, 24).estimate
      return readyH!.p90 - readyH!.p10
    }
    const room = width([])
    const own = width([{ h: 0, kind: 'temperature', c: 24 }])
    expect(room).toBeGreaterThan(12)
    expect(own).toBeLessThan(room)
    expect(own).toBeGreaterThan(0)
  })
})
