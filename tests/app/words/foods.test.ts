import { describe, expect, it } from 'vitest'
import { edible } from '@renatus/core/fry/edibles'
import { newFoodWords } from '~/words/ahead'
import { foodInText, foodWithSize, portionText } from '~/words/foods'
import { stageLine, urgencyLine } from '~/words/broods'

describe('words for foods', () => {
  it.each([
    ['infusoria', 34.4, '34 mL'],
    ['moina', 1790, '1.79 L'],
    ['microworm', 0.73, '¾ wipe'],
    ['microworm', 2.6, '2½ wipes'],
    ['microworm', 0.1, 'less than ¼ wipe'],
    ['first-powder', 2, '2 pinches'],
    ['grindal-worm', 11.6, '12'],
    ['gel', 1, '1 cube'],
  ] as const)('%s, %d', (id, n, text) => {
    expect(portionText(edible(id)!, n, 'metric').replace(/\u00A0/g, ' ')).toBe(text)
  })
  it('a genus keeps its capital inside a sentence, the rest does not', () => {
    expect([
      foodInText('moina'),
      foodInText('vinegar-eel'),
      foodWithSize(edible('moina')!, 'newborn'),
    ]).toEqual(['Moina', 'vinegar eels', 'newborn Moina'])
  })
})

describe('words for broods', () => {
  const brood = {
    stage: 'eggs',
    day: -3,
    dates: {
      spawned: null,
      hatched: { on: '2026-03-20', seen: false, spreadDays: 1 },
      free: { on: '2026-03-23', seen: false, spreadDays: 1.6 },
    },
  }
  it('say what stage it is in, and how sure that is', () => {
    expect(stageLine(brood as never, d => d)).toBe(
      'Eggs, hatch about 2026-03-20; swims free in 3 days, 2026-03-23, give or take 2 days.',
    )
    expect(
      stageLine(
        {
          ...brood,
          stage: 'feeding',
          day: 4,
          dates: { ...brood.dates, free: { on: '2026-03-16', seen: true, spreadDays: 0 } },
        } as never,
        d => d,
      ),
    ).toBe('Day 4: free swimming since 2026-03-16.')
  })
  it('name what would close a gap', () => {
    const sheet = {
      gaps: [{ from: 0, to: 6, closers: ['infusoria', 'vinegar-eel'] }],
      next: null,
      spans: [],
    }
    expect(urgencyLine({ code: 'gap-now', rank: 1, inDays: 0 }, sheet)).toBe(
      'Nothing here fits its mouth today. Infusoria or vinegar eels would close it.',
    )
    expect(urgencyLine({ code: 'gap-soon', rank: 2, inDays: 1 }, sheet)).toContain('in 1 day.')
  })
})

it('foods that a plan takes up are listed as one says them, with a capital where the sentence begins', () => {
  expect(newFoodWords(['infusoria'])).toEqual({ first: 'Infusoria', within: 'infusoria' })
  expect(newFoodWords(['microworm', 'daphnia-magna', 'infusoria']).first).toBe(
    'Microworms, Daphnia magna and infusoria',
  )
})
