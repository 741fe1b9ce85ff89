import { estimate } from '@renatus/core/estimation/particleFilter'
import { sloppyCulture } from '../../tests/core/estimation/sloppy'

const CASES = [['microworm', 'oats', 5, 23], ['infusoria', 'scalded-leaf', 6, 22], ['moina', 'yeast-and-spirulina', 9, 25], ['green-water', 'thinned-daily', 5, 22], ['brine-shrimp', 'one-pull', 1, 25], ['mosquito-larva', 'leaf-bucket', 5, 24]] as const

/** Cultures whose truth the filter does not see, one of each family: how often its band holds the truth, how far off its ready day is, how long it takes. */
export function benchEstimation(cultures = 60): void {
  for (const [food, method, days, c] of CASES) {
    let covered = 0
    let ms = 0
    const errors: number[] = []
    const flags = { failed: [0, 0], healthy: [0, 0] }
    for (let seed = 1; seed <= cultures; seed++) {
      const k = sloppyCulture(food, method, days, c, seed)
      const from = performance.now()
      const e = estimate({ food: k.food, method: k.method, setup: k.setup, temperatureC: c, observations: k.observations, atH: days * 24, seed: 9 })
      ms += performance.now() - from
      if (k.density >= e.density.p10 * 0.999 && k.density <= e.density.p90 * 1.001) covered++
      if (k.readyDay !== null && e.readyH) errors.push(Math.abs(e.readyH.p50 / 24 - k.readyDay))
      const group = flags[k.readyDay === null ? 'failed' : 'healthy']
      group[1]!++
      if (e.pFailed > 0.5) group[0]!++
    }
    errors.sort((a, b) => a - b)
    console.log(`estimate ${food.padEnd(15)} 80 % band holds the truth in ${Math.round((100 * covered) / cultures)} %, ready day off by ${errors[Math.floor(errors.length / 2)]?.toFixed(2) ?? '-'} d (median), failed flagged ${flags.failed.join(' of ')}, healthy flagged ${flags.healthy.join(' of ')}, ${(ms / cultures).toFixed(0)} ms each`)
  }
}
