import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import { lookChoices } from '@renatus/core/estimation/lookChoices'
import type { Observation } from '@renatus/core/estimation/observation'
import { looksFoul } from '@renatus/core/estimation/trouble'
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
