import { describe, expect, it } from 'vitest'
import { SAID_READY_FROM, saidStage } from '@renatus/core/estimation/saidStage'

const NONE = { resting: 0, building: 0, ready: 0, tiring: 0, failing: 0, failed: 0 }

describe('where a vessel is said to stand', () => {
  it('is what most of the belief is in, but ready only where that is well founded', () => {
    expect(saidStage({ ...NONE, building: 0.6, ready: 0.4 })).toBe('building')
    expect(saidStage({ ...NONE, building: 0.2, ready: 0.8 })).toBe('ready')
    expect(saidStage({ ...NONE, building: 1 - SAID_READY_FROM, ready: SAID_READY_FROM })).toBe(
      'ready',
    )
    expect(saidStage({ ...NONE, building: 0.4, ready: 0.6 })).toBe('building')
    expect(saidStage({ ...NONE, tiring: 0.4, ready: 0.6 })).toBe('tiring')
    expect(saidStage({ ...NONE, failed: 0.5, building: 0.2, ready: 0.3 })).toBe('failed')
  })
})
