import { describe, expect, it } from 'vitest'
import type { Look, Readiness } from '@renatus/core/dynamics/contract'
import { foods } from '@renatus/core/foods/index'
import type { Food } from '@renatus/core/foods/contract'
import { runCulture, startCulture } from '@renatus/core/foods/culture'
import { randomStream } from '@renatus/core/math/random'

/** Random states of a food: any method, temperature and day, now and then poisoned or taken from. */
function randomStates(food: Food, n: number, seed: number): { look: Look; readiness: Readiness }[] {
  const chance = randomStream(seed)
  const states: { look: Look; readiness: Readiness }[] = []
  const logistic = (food.parameters.tau?.median ?? 0) > 60 ? 150 : 45
  const days: Record<string, number> = { logistic, 'hatch': 3, 'stage-clock': 12 }
  const slow = days[food.profile.family] ?? 35
  while (states.length < n) {
    const method = food.methods[chance.integer(0, food.methods.length - 1)]!
    const [lo, hi] = food.rangeC
    const c = lo + (hi - lo) * (0.35 + 0.5 * chance.next())
    const k = startCulture(food, method, { volumeL: method.vessel.volumeL }, chance)
    const days = chance.next() * slow
    runCulture(k, days * 24 * chance.next(), () => c, chance)
    if (chance.next() < 0.1) k.family.act(k.state, k.params, { kind: 'poison' })
    runCulture(k, Math.max(6, days * 24 - k.ageH), () => c, chance)
    states.push({
      look: k.family.look(k.state, k.params),
      readiness: k.family.readiness(k.state, k.params),
    })
  }
  return states
}

/** Nearest of the known looks, by grades against their spread: as plain as a classifier can be. */
function nearest(known: readonly { look: Look; readiness: Readiness }[], look: Look): Readiness {
  let best: { d: number; readiness: Readiness } = { d: Infinity, readiness: 'resting' }
  for (const k of known) {
    let d = 0
    for (const sign in look) {
      const a = look[sign as 'tint']!
      const b = k.look[sign as 'tint']
      d += ((a.grade - (b?.grade ?? 0)) / a.sd) ** 2
    }
    if (d < best.d) best = { d, readiness: k.readiness }
  }
  return best.readiness
}

describe('look() tells stages apart', () => {
  it.each(foods.map(f => [f.profile.id, f] as const))(
    '%s: from the mean look the true readiness is named in nine of ten of 200 random states',
    (_id, food) => {
      const known = randomStates(food, 800, 5)
      const asked = randomStates(food, 200, 6)
      const right = asked.filter(a => nearest(known, a.look) === a.readiness).length
      expect(right / asked.length).toBeGreaterThanOrEqual(0.9)
    },
    60_000,
  )
})
