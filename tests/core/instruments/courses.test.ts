import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { meansOf } from '@renatus/core/instruments/meansOf'
import { minMaxCourse } from '@renatus/core/instruments/minMaxCourse'
import { scaleReading } from '@renatus/core/instruments/scale'
import { thinCourse } from '@renatus/core/instruments/thinCourse'

const MIDNIGHT = '2026-03-17T00:00:00.000Z'
const at = (h: number) => new Date(Date.parse(MIDNIGHT) + h * 3_600_000).toISOString()

describe('lowest and highest since the last look', () => {
  it('make a daily swing that reaches both', () => {
    const span = { from: at(-24), to: at(18), minC: 19, maxC: 25, nowC: 23 }
    expect(minMaxCourse(span, MIDNIGHT)).toEqual([
      { at: at(-20), c: 19 },
      { at: at(-8), c: 25 },
      { at: at(4), c: 19 },
      { at: at(16), c: 25 },
      { at: at(18), c: 23 },
    ])
  })

  it('are both reached in any span, in order of time, and passed by nothing', () => {
    const spans = fc.record({
      from: fc.double({ min: -200, max: 0, noNaN: true }),
      hours: fc.double({ min: 0.5, max: 160, noNaN: true }),
      low: fc.double({ min: 10, max: 25, noNaN: true }),
      more: fc.double({ min: 0, max: 10, noNaN: true }),
    })
    fc.assert(
      fc.property(spans, ({ from, hours, low, more }) => {
        const course = minMaxCourse(
          { from: at(from), to: at(from + hours), minC: low, maxC: low + more, nowC: null },
          MIDNIGHT,
        )
        const c = course.map(r => r.c)
        expect([Math.min(...c), Math.max(...c)]).toEqual([low, low + more])
        expect(course.map(r => r.at)).toEqual(course.map(r => r.at).sort())
      }),
    )
  })
})

describe('a course that is kept', () => {
  const readings = Array.from({ length: 3000 }, (_, i) => ({
    at: at(i / 60),
    c: 24 + 2 * Math.sin(i / 400) + (i === 1500 ? 3 : 0),
  }))
  it('is short, holds its ends and its peak', () => {
    const thin = thinCourse(readings)
    expect(thin.length).toBeLessThan(80)
    expect([thin[0], thin.at(-1)]).toEqual([readings[0], readings.at(-1)])
    expect(thin).toContainEqual(readings[1500])
    expect(thinCourse(readings, 10).length).toBeLessThanOrEqual(10)
  })

  it('weighs the same in means of six hours, thinned or not', () => {
    const whole = meansOf(readings)
    meansOf(thinCourse(readings)).forEach((m, i) => {
      expect(m.at).toBe(whole[i]!.at)
      expect(Math.abs(m.c - whole[i]!.c)).toBeLessThan(0.15)
    })
    expect(meansOf([{ at: at(1), c: 20 }])).toEqual([{ at: at(1), c: 20 }])
  })
})

it('a hand pours toward the target and comes to rest near it', () => {
  const shown = Array.from({ length: 60 }, (_, s) => scaleReading(2.5, s, 3))
  expect(shown[0]).toEqual({ grams: 0, settled: false })
  expect(shown.at(-1)!.settled).toBe(true)
  expect(Math.abs(shown.at(-1)!.grams / 2.5 - 1)).toBeLessThan(0.25)
})
