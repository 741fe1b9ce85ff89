import { describe, expect, it } from 'vitest'
import type { Readiness } from '@renatus/core/dynamics/contract'
import type { Move } from '@renatus/core/estimation/replay'
import {
  perhapsReady,
  SAID_READY_FROM,
  saidStage,
  UNSEEN_READY_FROM,
} from '@renatus/core/estimation/saidStage'

const NONE = { resting: 0, building: 0, ready: 0, tiring: 0, failing: 0, failed: 0 }
const SEEN: Move = { index: 0, h: 0, density: 1, ready: [0, 0], failed: [0, 0] }
const OFTEN = 6
const said = (readiness: Partial<Record<Readiness, number>>, looks = OFTEN) =>
  saidStage({ readiness: { ...NONE, ...readiness }, moves: Array(looks).fill(SEEN) as Move[] })

describe('where a vessel is said to stand', () => {
  it('is what most of the belief is in, but ready only where that is well founded', () => {
    expect(said({ building: 0.6, ready: 0.4 })).toBe('building')
    expect(said({ building: 0.2, ready: 0.8 })).toBe('ready')
    expect(said({ building: 1 - SAID_READY_FROM, ready: SAID_READY_FROM })).toBe('ready')
    expect(said({ building: 0.4, ready: 0.6 })).toBe('building')
    expect(said({ tiring: 0.4, ready: 0.6 })).toBe('tiring')
    expect(said({ failed: 0.5, building: 0.2, ready: 0.3 })).toBe('failed')
  })

  it('is ready before anybody has looked twice only where the book leaves little doubt', () => {
    for (const looks of [0, 1]) {
      expect(said({ building: 0.11, ready: 0.89 }, looks)).toBe('building')
      const sure = { failed: 1 - UNSEEN_READY_FROM, ready: UNSEEN_READY_FROM }
      expect(said(sure, looks)).toBe('ready')
      expect(said({ failed: 0.7, ready: 0.3 }, looks)).toBe('failed')
    }
  })

  it('says so where it may well be ready', () => {
    const perhaps = (ready: number, building: number) =>
      perhapsReady({ readiness: { ...NONE, ready, building }, moves: [SEEN] })
    expect(perhaps(0.6, 0.4)).toBe(true)
    expect(perhaps(0.4, 0.6)).toBe(false)
    expect(perhaps(0.95, 0.05)).toBe(false)
  })

  it('asks for less with every look, to where many looks leave it', () => {
    const from = [1, 2, 3, 4, 5].map(looks => {
      const shares = Array.from({ length: 101 }, (_, i) => i / 100)
      return shares.find(p => said({ building: 1 - p, ready: p }, looks) === 'ready')
    })
    expect(from).toEqual([UNSEEN_READY_FROM, 0.85, 0.8, SAID_READY_FROM, SAID_READY_FROM])
  })
})
