import { describe, expect, it } from 'vitest'
import { estimate } from '@renatus/core/estimation/estimate'
import type { Observation } from '@renatus/core/estimation/observation'
import { strangersSeen, strangersTo } from '@renatus/core/estimation/strangers'
import type { Subject } from '@renatus/core/estimation/subject'
import { foodOf, foods } from '@renatus/core/foods/index'

const food = foodOf('moina')!
const method = food.methods.find(m => m.id === 'yeast')!
const subject: Subject = { food, method, setup: { volumeL: 10 }, temperatureC: 25, seed: 2 }
const looks = (strangers?: ('copepods' | 'fleas')[]) =>
  [5, 8, 9].map((day): Observation => {
    const more = day === 9 && strangers ? { strangers } : {}
    return { h: day * 24, kind: 'look', signs: { movers: 1, cloudiness: 0 }, ...more }
  })
const causes = (seen: Observation[]) => estimate(subject, seen, 9 * 24).estimate.causes

describe('what else swims in a vessel', () => {
  it('is no stranger where it belongs', () => {
    expect(strangersTo(food)).not.toContain('fleas')
    expect(strangersSeen(food, looks(['fleas']))).toEqual([])
    for (const f of foods) expect(strangersTo(f).length).toBeGreaterThan(3)
  })
  it('is asked after, and names what got in as the likeliest', () => {
    expect(strangersSeen(food, looks(['copepods']))).toEqual(['copepods'])
    const [first] = causes(looks(['copepods']))
    expect(first!.id).toBe('contaminated')
    const without = causes(looks()).find(c => c.id === 'contaminated')?.probability ?? 0
    expect(first!.probability).toBeGreaterThan(without + 0.1)
  })
})
