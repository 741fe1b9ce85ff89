import { describe, expect, it } from 'vitest'
import {
  courseOf,
  courseQuantile,
  sampleCourses,
  takeDay,
  usualTake,
} from '@renatus/core/foods/courses'
import { runCulture, startCulture, withoutUpkeep } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'

const start = (id: string) => {
  const food = foodOf(id)!
  const method = food.methods[0]!
  return { food, method, setup: { volumeL: method.vessel.volumeL }, temperatureC: 24 }
}

describe('courses of vessels that are drawn from', () => {
  it.each(['infusoria', 'microworm', 'moina', 'green-water'])(
    '%s: gives nothing before it is ready, and in the middle of all courses something for days after',
    id => {
      const c = sampleCourses({ ...start(id), days: 45, runs: 24, seed: 3 })
      expect(c.gives.length + Math.round(c.failedShare * 24)).toBe(24)
      c.gives.forEach((days, i) =>
        expect([...days.slice(0, c.readyDays[i])].every(x => x === 0)).toBe(true),
      )
      const middle = courseQuantile(c.gives, 0.5)
      expect(middle.filter(x => x > 0).length).toBeGreaterThan(4)
      const sure = courseQuantile(c.gives, 0.9)
      expect(sure.every((x, d) => x <= middle[d]!)).toBe(true)
      expect(sampleCourses({ ...start(id), days: 45, runs: 24, seed: 3 })).toEqual(c)
    },
  )
  it('taking leaves less, and what is taken is what is missing', () => {
    const s = start('microworm')
    const c = withoutUpkeep(startCulture(s.food, s.method, s.setup, null), ['takeOut'])
    expect(takeDay(c, 0.3)).toBe(0)
    runCulture(c, 24 * 8, () => 24, null)
    const before = c.family.stock(c.state, c.params).organisms
    const got = takeDay(c, 0.3)
    expect(got).toBeCloseTo(before * 0.3, -2)
    expect(c.family.stock(c.state, c.params).organisms).toBeCloseTo(before - got, 3)
  })
  it('the usual share feeds better over three weeks than a sip or half of it every day', () => {
    const s = start('moina')
    const roots = (share: number) => {
      const c = withoutUpkeep(startCulture(s.food, s.method, s.setup, null), ['takeOut'])
      runCulture(c, 24 * 22, () => 24, null)
      return courseOf(c, share, () => 24, 21, null).reduce((a, b) => a + Math.sqrt(b), 0)
    }
    const best = usualTake(s)
    expect(roots(best)).toBeGreaterThan(roots(0.01))
    expect(roots(best)).toBeGreaterThan(roots(0.9))
  })
})
