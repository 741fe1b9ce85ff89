import { describe, expect, it } from 'vitest'
import type { Readiness } from '@renatus/core/dynamics/contract'
import type { Move } from '@renatus/core/estimation/replay'
import { SAID_READY_FROM, saidStage, UNSEEN_READY_FROM } from '@renatus/core/estimation/saidStage'

const NONE = { resting: 0, building: 0, ready: 0, tiring: 0, failing: 0, failed: 0 }
const SEEN: Move = { index: 0, h: 0, density: 1, ready: [0, 0], failed: [0, 0] }
const said = (readiness: Partial<Record<Readiness, number>>, moves = [SEEN]) =>
  saidStage({ readiness: { ...NONE, ...readiness }, moves })

describe('where a vessel is said to stand', () => {
  it('is what most of the belief is in, but ready only where that is well founded', () => {
    expect(said({ building: 0.6, ready: 0.4 })).toBe('building')
    expect(said({ building: 0.2, ready: 0.8 })).toBe('ready')
    expect(said({ building: 1 - SAID_READY_FROM, ready: SAID_READY_FROM })).toBe('ready')
    expect(said({ building: 0.4, ready: 0.6 })).toBe('building')
    expect(said({ tiring: 0.4, ready: 0.6 })).toBe('tiring')
    expect(said({ failed: 0.5, building: 0.2, ready: 0.3 })).toBe('failed')
  })

  it('is ready before anybody has looked only where the book leaves little doubt', () => {
    expect(said({ building: 0.2, ready: 0.8 }, [])).toBe('building')
    expect(said({ failed: 1 - UNSEEN_READY_FROM, ready: UNSEEN_READY_FROM }, [])).toBe('ready')
    expect(said({ failed: 0.7, ready: 0.3 }, [])).toBe('failed')
  })
})
