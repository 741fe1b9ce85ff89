import { describe, expect, it } from 'vitest'
import { beginsWith } from '@renatus/core/foods/beginsWith'
import { foods } from '@renatus/core/foods/index'

describe('what a food is begun with', () => {
  it('is cysts for what hatches, a line for what is passed on, and nothing for what comes by itself', () => {
    expect(beginsWith('brine-shrimp')).toBe('cysts')
    expect(beginsWith('microworm')).toBe('starter')
    expect(beginsWith('mosquito-larva')).toBe('nothing')
    expect(beginsWith('frozen-nauplii')).toBe('bought')
  })
  it('is a line exactly where the first school of a food takes some of one', () => {
    for (const f of foods) {
      const takes = f.methods[0]!.starterShare > 0 && f.profile.family !== 'hatch'
      expect(beginsWith(f.profile.id) === 'starter').toBe(takes)
    }
  })
})
