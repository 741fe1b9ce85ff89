import { describe, expect, it } from 'vitest'
import { buildProblem } from '@renatus/core/planning/plan/buildProblem'
import { sparesFor } from '@renatus/core/planning/plan/spares'
import { cultureOf } from '../../cultureRoom'
import { smallRoom } from './small'

const worms = () => cultureOf('microworm', '2026-03-01T06:00:00Z')
const request = smallRoom({ foods: ['microworm', 'infusoria'], cultures: [worms()] })
const built = buildProblem(request, 40)
const meals = (food: string) => [{ brood: 'b', day: 20, food, share: 0.5 }]
const spare = (food: string, standing: number, starts = [] as { day: number; vessels: number }[]) =>
  sparesFor(
    built,
    {
      meals: meals(food),
      starts: starts.map(s => ({
        ...s,
        startable: built.starts.find(x => x.food === food)!.id,
      })),
    },
    new Map([[food, standing]]),
  )

describe('a vessel to spare', () => {
  it('stands beside the only one of a line that takes days to buy', () => {
    expect(spare('microworm', 1)).toEqual([expect.objectContaining({ day: 0, vessels: 1 })])
    expect(spare('microworm', 0, [{ day: 5, vessels: 1 }])[0]!.day).toBe(5)
  })
  it('does not wait weeks for a start that is planned beside it', () => {
    expect(spare('microworm', 1, [{ day: 20, vessels: 1 }])[0]).toMatchObject({ day: 0 })
    expect(spare('microworm', 2, [{ day: 20, vessels: 1 }])).toEqual([])
  })
  it('is none where two stand, nobody eats of it, or it needs no starter', () => {
    expect(spare('microworm', 2)).toEqual([])
    expect(spare('microworm', 1, [{ day: 5, vessels: 1 }])).toEqual([])
    expect(spare('infusoria', 1)).toEqual([])
    expect(sparesFor(built, { meals: [], starts: [] }, new Map([['microworm', 1]]))).toEqual([])
  })
})
