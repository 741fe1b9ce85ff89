import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import { foodOf } from '@renatus/core/foods/index'
import type { Observation } from '@renatus/core/estimation/observation'
import type { Subject } from '@renatus/core/estimation/subject'

const CASES = ['rotifer', 'moina', 'daphnia-pulex'].map(id => {
  const food = foodOf(id)!
  const method = food.methods[0]!
  const temperatureC = id === 'daphnia-pulex' ? 20 : 25
  const subject: Subject = { food, method, setup: { volumeL: 5 }, temperatureC, seed: 4 }
  return { id, subject }
})

describe('a vessel that is fed by hand', () => {
  it.each(CASES)('$id: is expected to be fed on, and so to become ready', ({ subject }) => {
    const byHand = [1, 2].map((day): Observation => {
      const feed = { kind: 'feed' as const }
      return { h: day * 24, kind: 'action', action: feed }
    })
    const { estimate: fed } = estimate(subject, byHand, 48)
    const { estimate: alone } = estimate(subject, [], 48)
    expect(fed.pFailed).toBeLessThan(alone.pFailed + 0.1)
    expect(fed.readyH!.p50).toBeLessThan(alone.readyH!.p50 * 1.5)
  })
})
