import { expect, it } from 'vitest'
import { forecast } from '@renatus/core/estimation/forecast'
import type { Cloud } from '@renatus/core/estimation/cloud'
import { startCulture } from '@renatus/core/foods/culture'
import { foodOf } from '@renatus/core/foods/index'
import { randomStream } from '@renatus/core/math/random'

const cloudOf = (id: string): Cloud => {
  const food = foodOf(id)!
  const chance = randomStream(5)
  return Array.from({ length: 100 }, () => ({
    culture: startCulture(food, food.methods[0]!, { volumeL: 2 }, chance),
    lean: {},
    blur: 1,
    logWeight: 0,
    readyH: null,
  }))
}

it('reaches three weeks, and for what takes longer to come on until it gives', () => {
  const quick = forecast(cloudOf('microworm'), () => 23, 1)
  const slow = forecast(cloudOf('grindal-worm'), () => 22, 1)
  expect(quick.days.length).toBeGreaterThan(21)
  expect(slow.days.length).toBeGreaterThan(quick.days.length)
  expect(slow.days.length).toBeLessThanOrEqual(72)
  expect(slow.days[14]!.gives.p50).toBe(0)
  expect(slow.days.at(-1)!.gives.p50).toBeGreaterThan(0)
  expect(slow.days.map(d => d.day)).toEqual(slow.days.map((_, i) => i))
})
