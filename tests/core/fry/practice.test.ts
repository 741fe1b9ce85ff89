import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { FeedProfile } from '@renatus/core/feeds/contract'
import { EDIBLES, edible } from '@renatus/core/fry/edibles'
import { growthDays, lengthAfter } from '@renatus/core/fry/growth'
import { ladder, type LadderDay } from '@renatus/core/fry/ladder'
import { dryMg, shapeAt } from '@renatus/core/fry/mass'
import { SPECIES } from '@renatus/core/fry/species/index'
import type { Species } from '@renatus/core/fry/species/species'
import { NO_WISHES } from '@renatus/core/fry/wishes'

const days = (
  species: Species,
  temperatureC = species.referenceC,
  foods: readonly FeedProfile[] = EDIBLES,
  n = 60,
  mealsPerDay: number | null = null,
): LadderDay[] =>
  ladder(
    {
      species,
      growthFactor: 1,
      gapeFactor: 1,
      temperatureC: () => temperatureC,
      fry: () => 100,
      tankL: 40,
      mealsPerDay,
      wishes: NO_WISHES,
    },
    foods,
    0,
    n,
  )
const of = (id: string) => SPECIES.find(s => s.id === id)!
const firstOf = (food: string, list: readonly LadderDay[]) =>
  list.find(d => (d.share[food] ?? 0) >= 0.2)?.day ?? Infinity
const lastOf = (food: string, list: readonly LadderDay[]) =>
  list.findLast(d => (d.share[food] ?? 0) > 0)?.day ?? -1

/** Day on which nauplii are first taken, as breeders of the species find it. */
const NAUPLII: readonly [species: string, from: number, to: number][] = [
  ['zebrafish', 3, 5],
  ['celestial-pearl-danio', 7, 10],
  ['white-cloud', 7, 8],
  ['harlequin-rasbora', 8, 10],
  ['tiger-barb', 2, 4],
  ['cherry-barb', 6, 8],
  ['neon-tetra', 5, 8],
  ['cardinal-tetra', 5, 8],
  ['black-tetra', 3, 4],
  ['small-tetras', 5, 7],
  ['discus', 4, 5],
  ['betta', 2, 4],
  ['medaka', 3, 5],
  ['pearl-gourami', 8, 10],
  ['dwarf-gourami', 7, 12],
  ['honey-gourami', 10, 14],
  ['scarlet-badis', 10, 14],
  ['blue-eyes', 5, 7],
  ['rainbowfish', 7, 7],
  ['clownfish', 5, 7],
  ['orchid-dottyback', 10, 14],
  ['neon-goby', 15, 20],
]
const AT_ONCE = SPECIES.filter(s => /^nauplii.*at once|nauplii.*at once/.test(s.firstFood))

describe('first nauplii', () => {
  it.each(NAUPLII)('%s takes them on day %i to %i', (id, from, to) => {
    const first = firstOf('brine-shrimp', days(of(id)))
    expect(first).toBeGreaterThanOrEqual(from)
    expect(first).toBeLessThanOrEqual(to)
  })
  it.each(AT_ONCE.map(s => s.id))('%s takes them at once', id => {
    expect(firstOf('brine-shrimp', days(of(id)))).toBe(0)
  })
})

describe('growth and ration', () => {
  const bodyMg = (s: Species, grown: number) => {
    const length = lengthAfter(s, grown)
    return dryMg(length, s.firstFeedingMm, shapeAt(s, length))
  }
  /** Dry growth over dry food, week by week, while a fish has not two thirds of its grown length. */
  const efficiencies = (s: Species, temperatureC: number) => {
    const list = days(s, temperatureC)
    const perDay = growthDays(s, temperatureC)
    const weeks: number[] = []
    for (let d = 0; d + 7 <= list.length; d += 7) {
      const week = list.slice(d, d + 7)
      if (week.at(-1)!.lengthMm > 0.5 * s.adultMm) break
      const grown = bodyMg(s, (d + 7) * perDay) - bodyMg(s, d * perDay)
      weeks.push(grown / week.reduce((sum, x) => sum + x.dryRationMg, 0))
    }
    return weeks
  }
  it('of what is eaten between a fifth and 45 % becomes fish, for every species and week', () => {
    for (const s of SPECIES)
      for (const t of [s.rangeC[0], s.referenceC, s.rangeC[1]])
        for (const [week, e] of efficiencies(s, t).entries()) {
          expect(e, `${s.id} at ${t}, week ${week + 1}`).toBeGreaterThanOrEqual(0.2)
          expect(e, `${s.id} at ${t}, week ${week + 1}`).toBeLessThanOrEqual(0.45)
        }
  })
  it('no growth asks for more than 60 % of the dry body a day', () => {
    for (const s of SPECIES)
      for (let d = 0; d < 60; d++) {
        const now = bodyMg(s, d)
        expect((bodyMg(s, d + 1) - now) / now / 0.4, `${s.id} day ${d}`).toBeLessThanOrEqual(0.6)
      }
  })
  it('the ration rises with size and with warmth', () => {
    for (const s of SPECIES) {
      const list = days(s, s.referenceC, [edible('brine-shrimp')!], 45)
      for (let i = 1; i < list.length; i++)
        expect(list[i]!.dryRationMg, `${s.id} day ${i}`).toBeGreaterThanOrEqual(
          list[i - 1]!.dryRationMg * (1 - 1e-9),
        )
      const cold = days(s, s.referenceC - 2, [edible('brine-shrimp')!], 1)[0]!
      expect(cold.dryRationMg).toBeLessThanOrEqual(list[0]!.dryRationMg)
    }
  })
})

describe('what a mouth makes of its foods', () => {
  it('no ciliates above 7 mm and no rotifers above 10 mm while anything else suits', () => {
    for (const s of SPECIES)
      for (const d of days(s)) {
        // The mean of five days lets a food go a little later.
        const limit = (mm: number) => d.lengthMm * 0.9 > mm
        if (limit(7)) expect(d.share.infusoria! + d.share.paramecium!, s.id).toBe(0)
        if (limit(10)) expect(d.share.rotifer!, s.id).toBe(0)
      }
    const only = days(of('rainbowfish'), 26, [edible('paramecium')!], 30)
    expect(only.at(-1)!.share.paramecium).toBe(only.at(-1)!.gap ? 0 : 1)
  })
  it('larvae of the sea leave rotifers a week or two after nauplii', () => {
    for (const id of ['clownfish', 'orchid-dottyback', 'neon-goby']) {
      const list = days(of(id))
      const after = lastOf('rotifer', list) - firstOf('brine-shrimp', list)
      expect(after, id).toBeGreaterThanOrEqual(7)
      expect(after, id).toBeLessThanOrEqual(14)
    }
  })
  it('what dies within the hour is nobody’s food', () => {
    for (const s of SPECIES)
      for (const d of days(s, s.referenceC, EDIBLES, 20))
        for (const f of EDIBLES)
          if ((s.marine ? f.aliveInSeaH : f.aliveInTankH) <= 1) expect(d.share[f.id]).toBe(0)
  })
  it('nauplii are not worth less than what lives longer because rounds are far apart', () => {
    const [five, two] = [5, 2].map(n => days(of('guppy'), 25, EDIBLES, 1, n)[0]!)
    expect(two!.suitability['brine-shrimp']!.value).toBe(five!.suitability['brine-shrimp']!.value)
  })
  it('one more food in the room never leaves a brood with less, nor later', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.uniqueArray(fc.constantFrom(...EDIBLES), { minLength: 2, maxLength: 7 }),
        fc.integer({ min: 1, max: 5 }),
        (species, foods, meals) => {
          const without = days(species, species.referenceC, foods.slice(1), 40, meals)
          const more = days(species, species.referenceC, foods, 40, meals)
          more.forEach((d, i) => {
            expect(d.covered).toBeGreaterThanOrEqual(without[i]!.covered - 1e-9)
            expect(d.gap && !without[i]!.gap).toBe(false)
            const sum = Object.values(d.share).reduce((a, b) => a + b, 0)
            expect(sum).toBeCloseTo(d.gap ? 0 : 1, 9)
          })
        },
      ),
      { seed: 11, numRuns: 150 },
    )
  })
})
