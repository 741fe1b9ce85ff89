import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import { drawLean, leanOf } from '@renatus/core/estimation/observer'
import { randomStream } from '@renatus/core/math/random'
import { figures, readyErrors } from './figures'
import { BOOK, sloppyCulture, UNLIKE } from './sloppy'

describe('who looks', () => {
  it('anybody may lean, as likely to hope as to fear', () => {
    const chance = randomStream(3)
    const leans = Array.from({ length: 4000 }, () => drawLean(chance))
    const even = leans.map(() => 1 / leans.length)
    const { movers, smell } = leanOf(leans, even, new Set(['movers', 'smell']))
    expect(Math.abs(movers!.mean)).toBeLessThan(0.05)
    expect(movers!.sd).toBeGreaterThan(0.7)
    expect(movers!.sd).toBeLessThan(0.95)
    // A hopeful eye sees more movers and less smell.
    const both = leans.reduce((sum, l) => sum + l.movers! * l.smell!, 0) / leans.length
    expect(both).toBeLessThan(-0.2)
    expect(smell!.sd).toBeGreaterThan(0.5)
  })
  it('a rosy eye is found out by young vessels, and what is known of it helps at the next', () => {
    let found = 0
    for (let seed = 1; seed <= 12; seed++) {
      const world = { ...BOOK, rosy: 1 }
      const k = sloppyCulture('microworm', 'oats', 8, seed, undefined, {}, world)
      const { lean } = estimate(k.subject, k.observations, k.atH).estimate
      if (lean.movers!.mean > 0.2) found++
      expect(lean.movers!.sd).toBeLessThan(0.67)
    }
    expect(found).toBeGreaterThanOrEqual(9)
  })
  it('the day on which water is green is foreseen no worse than by the card, where light and eyes are worse than the book', () => {
    for (const world of [
      { ...UNLIKE, noise: 2, everyDays: 3 },
      { ...UNLIKE, rosy: 1 },
    ]) {
      const { own, card } = readyErrors('green-water', 'thinned-daily', 60, world)
      expect(own).toBeLessThanOrEqual(card)
    }
  })
  it('bands hold in rooms of the book and unlike it, for clear and for rosy eyes', () => {
    const FOODS = [
      ['microworm', 'oats'],
      ['moina', 'yeast-and-spirulina'],
    ] as const
    const held = (world: typeof BOOK) => {
      const all = FOODS.map(([food, method]) => figures(food, method, 7, world))
      return all.reduce((sum, f) => sum + f.held, 0) / all.reduce((sum, f) => sum + f.readings, 0)
    }
    expect(held(BOOK)).toBeGreaterThanOrEqual(0.72)
    expect(held(UNLIKE)).toBeGreaterThanOrEqual(0.62)
    expect(held({ ...BOOK, rosy: 1 })).toBeGreaterThanOrEqual(0.6)
    expect(held({ ...UNLIKE, rosy: 1 })).toBeGreaterThanOrEqual(0.5)
  }, 90_000)
})
