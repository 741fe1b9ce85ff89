import { describe, expect, it } from 'vitest'
import { adviceOn } from '@renatus/core/estimation/advice'
import type { CauseId } from '@renatus/core/estimation/diagnosis'
import { whyOf } from '@renatus/core/estimation/why'
import { foods } from '@renatus/core/foods/index'

const move = (
  index: number,
  density: number,
  ready: [number, number] = [0.5, 0.5],
  failed: [number, number] = [0, 0],
) => ({ index, h: index * 24, density, ready, failed })

describe('why, in words', () => {
  it('names what moved and by how much, and leaves out what did not', () => {
    expect(
      whyOf([move(0, 1.02), move(1, 2.3, [0.2, 0.7]), move(2, 0.6, [0.7, 0.65], [0.02, 0.3])]),
    ).toEqual([
      { index: 1, h: 24, text: '2.3 times as many as was believed; ready 70 % instead of 20 %' },
      { index: 2, h: 48, text: '40 % fewer than was believed; failing 30 % instead of 2 %' },
    ])
  })
  it('keeps the five that moved most, in order of time', () => {
    const why = whyOf(Array.from({ length: 12 }, (_, i) => move(i, 1.3 + (i % 7) / 10)))
    expect(why).toHaveLength(5)
    expect(why.map(w => w.h)).toEqual([...why.map(w => w.h)].sort((a, b) => a - b))
    expect(why.map(w => w.index)).toContain(6)
  })
  it('every cause has an action and a way to confirm it, for every food', () => {
    const causes: CauseId[] = [
      'cold',
      'starved',
      'overfed',
      'dense',
      'contaminated',
      'poisoned',
      'old',
    ]
    for (const food of foods)
      for (const c of causes)
        expect(
          Object.values(adviceOn(c, food)).every(t => t.length > 5 && !/NaN|undefined/.test(t)),
        ).toBe(true)
  })
})
