import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import { lookChoices } from '@renatus/core/estimation/lookChoices'
import type { Observation } from '@renatus/core/estimation/observation'
import { looksFoul, withTrouble } from '@renatus/core/estimation/trouble'
import { randomStream } from '@renatus/core/math/random'
import { copyCulture, runCulture } from '@renatus/core/foods/culture'
import { foods } from '@renatus/core/foods/index'
import type { Subject } from '@renatus/core/estimation/subject'

const CASES = foods
  .filter(f => !['hatch', 'stageClock'].includes(f.profile.family))
  .map(food => {
    const method = food.methods[0]!
    const [lo, hi] = food.rangeC
    const temperatureC = Math.min(hi - 2, Math.max(lo + 2, 22))
    const setup = { volumeL: method.vessel.volumeL }
    return { id: food.profile.id, subject: { food, method, setup, temperatureC, seed: 5 } }
  })
/** Chance that a vessel is failing or has failed, once so many foul looks were had a day apart. */
function lost(subject: Subject, atDay: number, looks: number): number | null {
  const before = estimate(subject, [], atDay * 24)
  const foul = lookChoices(before.cloud, subject.food, subject.temperatureC).find(
    c => c.failing && looksFoul(c.signs),
  )
  if (!foul) return null
  const seen = Array.from({ length: looks }, (_, i): Observation => ({
    h: (atDay + i) * 24,
    kind: 'look',
    signs: foul.signs,
  }))
  const { readiness } = estimate(subject, seen, seen.at(-1)!.h).estimate
  return readiness.failing + readiness.failed
}
const readyDay = (subject: Subject) =>
  (estimate(subject, [], 24).estimate.readyH?.p50 ?? 20 * 24) / 24

describe('a jar that rots', () => {
  it.each(CASES)('$id is believed at any age', ({ subject }) => {
    const ready = readyDay(subject)
    // Milky and sour in its first days infusoria is on its way to clearing.
    const clears = subject.food.profile.family === 'succession'
    for (const day of clears ? [1.5 * ready] : [2, ready / 2, 1.5 * ready]) {
      const [one, two] = [1, 2].map(n => lost(subject, Math.max(2, day), n))
      if (one === null) continue
      expect(one, `one look on day ${day}`).toBeGreaterThan(0.8)
      expect(two, `two looks on day ${day}`).toBeGreaterThan(0.95)
    }
  })
})

describe('courses tried as gone wrong', () => {
  const { subject } = CASES.find(c => c.id === 'microworm')!
  const { cloud } = estimate(subject, [], 5 * 24)
  const weight = (c: typeof cloud) => c.reduce((sum, p) => sum + Math.exp(p.logWeight), 0)

  it('are one in four of a jar that was well, and the whole weighs what it weighed', () => {
    const tried = withTrouble(cloud, subject.temperatureC, randomStream(1))
    expect(tried.filter((p, i) => p.culture.state !== cloud[i]!.culture.state)).toHaveLength(
      cloud.length / 4,
    )
    expect(weight(tried)).toBeCloseTo(weight(cloud), 6)
  })

  it('are none where most are believed to have gone wrong already', () => {
    const bad = cloud.map(p => {
      const culture = copyCulture(p.culture)
      culture.family.ail(culture.state, culture.params, 'contaminated')
      runCulture(culture, 24, () => subject.temperatureC, randomStream(2))
      return { ...p, culture }
    })
    const tried = withTrouble(bad, subject.temperatureC, randomStream(1))
    expect(tried.map(p => p.culture)).toEqual(bad.map(p => p.culture))
    expect(weight(tried)).toBe(weight(bad))
  })
})
