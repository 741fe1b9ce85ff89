import { describe, expect, it } from 'vitest'
import { lastMeal } from '@renatus/core/stock/lastMeal'
import { log, NAMED } from '../room'

const OTHER = '01HZZZZZZZZZZZZZZZZZZZZZZZ'
const fed = (at: string, tankId: string, foodId: string, organisms: number) =>
  log(at, 'tank.fed', {
    ...{ tankId, roundKey: at.slice(0, 16), roundAt: at, partial: false },
    portions: [{ foodId, organisms, amount: null, source: null }],
  } as never)

describe('the last meal of a food', () => {
  const entries = [
    fed('2026-03-17T05:40:00Z', NAMED.tank!, 'moina', 300),
    fed('2026-03-18T05:40:00Z', NAMED.tank!, 'moina', 500),
    fed('2026-03-18T18:40:00Z', NAMED.tank!, 'moina', 0),
    fed('2026-03-19T05:40:00Z', OTHER, 'moina', 900),
    fed('2026-03-19T05:41:00Z', NAMED.tank!, 'rotifer', 70),
  ]
  it('is that of this tank and this food, and one of nothing is none', () => {
    expect(lastMeal(entries, NAMED.tank!, 'moina')).toBe(500)
    expect(lastMeal(entries, NAMED.tank!, 'rotifer')).toBe(70)
    expect(lastMeal(entries, NAMED.tank!, 'microworm')).toBeNull()
    expect(lastMeal([], NAMED.tank!, 'moina')).toBeNull()
  })
})
