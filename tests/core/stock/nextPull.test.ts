import { describe, expect, it } from 'vitest'
import { nextPull } from '@renatus/core/stock/nextPull'
import { addHours } from '@renatus/core/time/localDate'

const START = '2026-03-16T18:00:00.000Z'
const window = { fromH: 25 }
const pull = { at: addHours(START, 24), h: 24, nauplii: 1000, seen: null }
const moved = [24, 36].map(h => {
  const at = addHours(START, h)
  return { meant: at, at, byH: 0 }
})
const next = (pulls: number, planned = moved) =>
  nextPull({ startedAt: START, pulls: Array(pulls).fill(pull) }, planned, window)

describe('the next pull of a hatch', () => {
  it('is the first that was planned and not made, also where that lies before the window', () => {
    expect(next(0)).toBe(moved[0]!.at)
    expect(next(1)).toBe(moved[1]!.at)
  })
  it('is when its window opens where none is planned', () => {
    expect(next(0, [])).toBe(addHours(START, window.fromH))
    expect(next(2)).toBe(addHours(START, window.fromH))
  })
})
