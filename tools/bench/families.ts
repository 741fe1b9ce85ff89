import { FAMILIES } from '@renatus/core/dynamics/index'
import { runCulture, startCulture } from '@renatus/core/foods/culture'
import { foods, foodOf } from '@renatus/core/foods/index'
import { randomStream } from '@renatus/core/math/random'

/** Steps per second of each family, one thread; then a Monte Carlo of many cultures. */
export function benchFamilies(): void {
  for (const id of Object.keys(FAMILIES) as (keyof typeof FAMILIES)[]) {
    const food = foods.find(f => f.profile.family === id)!
    const c = startCulture(food, { ...food.methods[0]!, upkeep: [] }, { volumeL: 5 }, null)
    const environment = { temperatureC: 24 }
    const rounds = id === 'logistic' || id === 'stage-clock' ? 4_000_000 : 40_000
    const run = (n: number) => {
      for (let i = 0; i < n; i++) {
        // A fresh start now and then, so that it is the living course that is timed.
        if (i % 240 === 0) Object.assign(c.state, c.family.start(c.params, c.setup, null))
        c.family.step(c.state, c.params, environment, 6, null)
      }
    }
    run(rounds / 10)
    const from = performance.now()
    run(rounds)
    const seconds = (performance.now() - from) / 1000
    console.log(
      `family ${id.padEnd(12)} ${(rounds / seconds / 1e6).toFixed(2)} M steps of 6 h a second, ${Math.round(rounds / 4 / seconds).toLocaleString('en-GB')} culture-days a second`,
    )
  }
  const mixed = ['microworm', 'vinegar-eel', 'paramecium', 'grindal-worm', 'mosquito-larva'].map(
    id => foodOf(id)!,
  )
  const monteCarlo = (
    name: string,
    list: typeof mixed,
    cultures: number,
    days: number,
    runs: number,
  ) => {
    const from = performance.now()
    for (let k = 0; k < cultures; k++) {
      const food = list[k % list.length]!
      for (let run = 0; run < runs; run++) {
        const chance = randomStream(k * 100_000 + run)
        const c = startCulture(food, food.methods[0]!, { volumeL: 2 }, chance)
        runCulture(c, days * 24, () => 23, chance)
      }
    }
    const seconds = (performance.now() - from) / 1000
    console.log(
      `Monte Carlo ${name}: ${cultures} cultures x ${days} days x ${runs} runs in ${seconds.toFixed(1)} s (${((cultures * days * runs) / seconds / 1e6).toFixed(2)} M culture-days a second)`,
    )
  }
  monteCarlo('worms and clocks', mixed, 80, 60, 1000)
  monteCarlo('all foods, a tenth of the runs', [...foods], 80, 60, 100)
}
