import { describe, expect, it } from 'vitest'
import { EDIBLES } from '@renatus/core/fry/edibles'
import { ladder } from '@renatus/core/fry/ladder'
import { NO_WISHES } from '@renatus/core/fry/wishes'
import { SPECIES } from '@renatus/core/fry/species/index'
import { MOST_CULTURE_SHARE, mostCultureMl } from '@renatus/core/fry/withWater'

const species = SPECIES.find(s => s.id === 'neon-tetra')!
const days = (fry: number, tankL: number) =>
  ladder(
    {
      species,
      growthFactor: 1,
      gapeFactor: 1,
      temperatureC: () => 25,
      fry: () => fry,
      tankL,
      mealsPerDay: null,
      wishes: NO_WISHES,
    },
    EDIBLES,
    0,
    10,
  )

describe('food that comes with its water', () => {
  const wet = EDIBLES.filter(f => f.withWater)
  it('is infusoria, paramecium and green water', () => {
    expect(wet.map(f => f.id).sort()).toEqual(['green-water', 'infusoria', 'paramecium'])
    expect(
      mostCultureMl(
        EDIBLES.find(f => f.id === 'moina')!,
        10,
      ),
    ).toBe(Infinity)
  })
  it('is never asked for beyond a tenth of the tank at a meal, however many the fry', () => {
    for (const [fry, tankL] of [
      [50, 20],
      [3000, 10],
      [8000, 5],
    ] as const)
      for (const d of days(fry, tankL))
        for (const f of wet) {
          const ml = d.organisms[f.id]! / d.meals / f.portion!.perUnit
          expect(ml).toBeLessThanOrEqual(MOST_CULTURE_SHARE * tankL * 1000 * (1 + 1e-9))
        }
  })
  it('gives way to a bigger food where it is not enough', () => {
    const share = (fry: number) => {
      const [day] = days(fry, 5)
      return wet.reduce((sum, f) => sum + day!.share[f.id]!, 0)
    }
    expect(share(8000)).toBeLessThan(share(50))
  })
})
