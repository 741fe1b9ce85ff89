import type { Sign } from '@renatus/core/dynamics/contract'
import type { Observation } from '@renatus/core/estimation/observation'
import { copyCulture, runCulture, startCulture } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { randomStream } from '@renatus/core/math/random'

/** A culture whose truth the filter does not see, looked at every day or two by somebody whose grades are sloppy. */
export function sloppyCulture(foodId: string, methodId: string, days: number, c: number, seed: number) {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  const chance = randomStream(seed)
  const setup = { volumeL: method.vessel.volumeL }
  const truth = startCulture(food, method, setup, chance)
  const observations: Observation[] = []
  let readyDay: number | null = null
  for (let day = 1; day <= days; day++) {
    for (let h = 6; h <= 24; h += 6) {
      runCulture(truth, 6, () => c, chance)
      if (readyDay === null && truth.family.readiness(truth.state, truth.params) === 'ready') readyDay = day - 1 + h / 24
    }
    if (chance.next() < 0.35) continue
    const look = truth.family.look(truth.state, truth.params)
    const signs: Partial<Record<Sign, number>> = {}
    for (const [sign, { grade, sd }] of Object.entries(look)) {
      // Not every sign is looked at every time.
      if (chance.next() < 0.4) continue
      signs[sign as Sign] = Math.max(0, Math.min((food.signs[sign as Sign]?.length ?? 4) - 1, Math.round(grade + chance.normal(0, sd))))
    }
    observations.push({ h: day * 24, kind: 'look', signs })
  }
  const future = copyCulture(truth)
  for (let h = 6; readyDay === null && h <= 60 * 24; h += 6) {
    runCulture(future, 6, () => c, chance)
    if (future.family.readiness(future.state, future.params) === 'ready') readyDay = days + h / 24
  }
  const stock = truth.family.stock(truth.state, truth.params)
  return { food, method, setup, observations, days, c, density: stock.perCm2 ?? stock.perMl ?? 0, readiness: truth.family.readiness(truth.state, truth.params), readyDay }
}
