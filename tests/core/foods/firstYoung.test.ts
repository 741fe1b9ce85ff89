import { describe, expect, it } from 'vitest'
import { firstYoungDays } from '@renatus/core/foods/firstYoung'
import { foodOf } from '@renatus/core/foods/index'

const days = (id: string, c: number) => firstYoungDays(foodOf(id)!, c)!

describe('the first young of water fleas', () => {
  it('come after three to five days of Moina at 26 °C, four to seven of the large ones at 20', () => {
    expect(days('moina', 26)).toEqual([3, 5])
    expect(days('daphnia-pulex', 20)).toEqual([4, 7])
    expect(days('daphnia-magna', 20)).toEqual([4, 7])
  })
  it('come later in the cold, and never sooner than at the warm end of where they live', () => {
    for (const id of ['moina', 'daphnia-pulex', 'daphnia-magna']) {
      const { rangeC } = foodOf(id)!
      const [cold, warm, hot] = [rangeC[0], rangeC[1], rangeC[1] + 5].map(c => days(id, c)[1])
      expect(cold).toBeGreaterThan(warm!)
      expect(hot).toBe(warm)
    }
  })
  it('are seen before the vessel is ready, and nobody waits for those of worms', () => {
    for (const id of ['moina', 'daphnia-pulex', 'daphnia-magna'])
      expect(days(id, 22)[1]).toBeLessThan(14)
    expect(firstYoungDays(foodOf('microworm')!, 22)).toBeNull()
  })
})
