import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EDIBLES, edible } from '@renatus/core/fry/edibles'
import { gapsOf, ladder, type LadderBrood } from '@renatus/core/fry/ladder'
import { closers, nextChange, tableSpans } from '@renatus/core/fry/ladderReading'
import { mealWhy } from '@renatus/core/fry/mealWhy'
import { FIT_ENOUGH } from '@renatus/core/fry/sizeFit'
import { SPECIES } from '@renatus/core/fry/species/index'
import { bestSize, suitability, zoneFit } from '@renatus/core/fry/suitability'
import { allowedFoods, NO_WISHES, type Wishes } from '@renatus/core/fry/wishes'

const species = (id: string) => SPECIES.find(s => s.id === id)!
const brood = (more: Partial<LadderBrood> & { c?: number; n?: number } = {}): LadderBrood => ({
  species: species('small'),
  growthFactor: 1,
  gapeFactor: 1,
  temperatureC: () => more.c ?? 26,
  fry: () => more.n ?? 100,
  tankL: 20,
  mealsPerDay: 2,
  wishes: NO_WISHES,
  ...more,
})
const foods = (...ids: string[]) => ids.map(id => edible(id)!)
const FIRST = foods(
  'infusoria',
  'paramecium',
  'vinegar-eel',
  'microworm',
  'brine-shrimp',
  'moina',
  'gel',
)
const sum = (o: Record<string, number>) => Object.values(o).reduce((a, b) => a + b, 0)
const anyBrood = fc.record({
  s: fc.constantFrom(...SPECIES),
  c: fc.double({ min: 16, max: 32, noNaN: true }),
  n: fc.integer({ min: 1, max: 5000 }),
  meals: fc.integer({ min: 1, max: 5 }),
  tankL: fc.double({ min: 1, max: 500, noNaN: true }),
})

describe('suitability', () => {
  it('nauplii of 0.18 mm reach fit 0.3 for the small class between day 5 and 14 at 26 C, medium by day 4, large at once', () => {
    const firstDay = (id: string) =>
      ladder(brood({ species: species(id) }), foods('brine-shrimp'), 0, 40).find(
        d => d.suitability['brine-shrimp']!.fit >= FIT_ENOUGH,
      )!.day
    expect(firstDay('small')).toBeGreaterThanOrEqual(5)
    expect(firstDay('small')).toBeLessThanOrEqual(14)
    expect(firstDay('medium')).toBeLessThanOrEqual(4)
    expect([firstDay('large'), firstDay('very-large')]).toEqual([0, 0])
  })
  it('zones: same or suspended 1, next 0.6, opposite 0.2', () => {
    expect([
      zoneFit('suspended', ['bottom']),
      zoneFit('upper', ['column']),
      zoneFit('bottom', ['column']),
      zoneFit('bottom', ['surface']),
      zoneFit('surface', ['bottom', 'column']),
    ]).toEqual([1, 1, 0.6, 0.2, 0.6])
  })
  it('a long worm must be shorter than 0.6 of the fish, and of equal sizes the largest is taken', () => {
    expect(bestSize(edible('grindal-worm')!, { lengthMm: 12, gapeUm: 1000 }).fit).toBe(0)
    expect(bestSize(edible('grindal-worm')!, { lengthMm: 14, gapeUm: 1000 }).fit).toBe(1)
    expect(bestSize(edible('moina')!, { lengthMm: 30, gapeUm: 2000 }).size.id).toBe('adult')
  })
  it('salt water keeps nauplii alive until the next meal, fresh water does not', () => {
    const mouth = { lengthMm: 6, gapeUm: 450, zones: ['column'] as const, marine: false }
    expect(suitability(edible('brine-shrimp')!, mouth, 12).survival).toBeCloseTo(4 / 12, 9)
    expect(suitability(edible('brine-shrimp')!, { ...mouth, marine: true }, 12).survival).toBe(1)
  })
})

describe('the ladder', () => {
  it('shares sum to 1 on every day that is no gap, and to 0 on a gap; at most nothing is negative', () => {
    fc.assert(
      fc.property(
        anyBrood,
        fc.subarray(
          EDIBLES.map(e => e.id),
          { minLength: 1 },
        ),
        ({ s, c, n, meals, tankL }, ids) => {
          for (const d of ladder(
            brood({ species: s, c, n, mealsPerDay: meals, tankL }),
            foods(...ids),
            0,
            30,
          )) {
            expect(sum(d.share)).toBeCloseTo(d.gap ? 0 : 1, 9)
            expect(
              Math.min(...Object.values(d.share), ...Object.values(d.perMeal)),
            ).toBeGreaterThanOrEqual(0)
            expect(d.gap).toBe(!Object.values(d.suitability).some(x => x.value >= 0.3))
          }
        },
      ),
      { seed: 11, numRuns: 60 },
    )
  })
  it('the same day is the same from whichever day it is worked out', () => {
    const whole = ladder(brood(), FIRST, 0, 40)
    expect(ladder(brood(), FIRST, 17, 5)).toEqual(whole.slice(17, 22))
  })
  it('foods overlap for three to five days or more when one takes over from another', () => {
    const spans = tableSpans(
      ladder(
        brood({ wishes: { ...NO_WISHES, forbidden: [] } }),
        foods('vinegar-eel', 'brine-shrimp'),
        0,
        60,
      ),
    )
    const eels = spans.find(s => s.food === 'vinegar-eel')!
    const nauplii = spans.find(s => s.food === 'brine-shrimp')!
    expect(eels.to - nauplii.from + 1).toBeGreaterThanOrEqual(3)
  })
  it('more fry never need less, of any food', () => {
    fc.assert(
      fc.property(
        anyBrood,
        fc.integer({ min: 0, max: 3000 }),
        ({ s, c, n, meals, tankL }, more) => {
          const few = ladder(brood({ species: s, c, n, mealsPerDay: meals, tankL }), FIRST, 0, 20)
          const many = ladder(
            brood({ species: s, c, n: n + more, mealsPerDay: meals, tankL }),
            FIRST,
            0,
            20,
          )
          few.forEach((d, i) => {
            for (const id of Object.keys(d.perMeal))
              expect(many[i]!.perMeal[id]! - d.perMeal[id]!).toBeGreaterThanOrEqual(-1e-9)
          })
        },
      ),
      { seed: 12, numRuns: 60 },
    )
  })
  it('warmer never delays a change of food inside the range of the fish', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: -5, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.constantFrom(...FIRST),
        (s, at, more, food) => {
          const first = (c: number) =>
            ladder(brood({ species: s, c }), [food], 0, 60).find(
              d => d.suitability[food.id]!.value >= 0.3,
            )?.day ?? 99
          expect(first(s.referenceC + at + more)).toBeLessThanOrEqual(first(s.referenceC + at))
        },
      ),
      { seed: 13, numRuns: 80 },
    )
  })
  it('a 5 mm fry is offered 15 to 60 nauplii a day at 26 C when it eats nothing else', () => {
    const s = { ...species('medium'), firstFeedingMm: 5 }
    const d = ladder(brood({ species: s, n: 1 }), foods('brine-shrimp'), 0, 1)[0]!
    expect(d.lengthMm).toBeCloseTo(5, 6)
    expect(d.organisms['brine-shrimp']!).toBeGreaterThan(15)
    expect(d.organisms['brine-shrimp']!).toBeLessThan(60)
  })
  it('a few fry in much water get the density they can find, and a smaller box is advised', () => {
    const d = ladder(
      brood({ species: species('large'), n: 3, tankL: 100 }),
      foods('brine-shrimp'),
      0,
      1,
    )[0]!
    expect(d.floor['brine-shrimp']).toBe(250)
    expect(d.perMeal['brine-shrimp']).toBe(250)
    expect(d.smallerBox).toBe(true)
  })
  it('rounds that are too few cover part of what they can eat; in salt water all of it', () => {
    const covered = (id: string, meals: number) =>
      ladder(brood({ species: species(id), mealsPerDay: meals }), foods('brine-shrimp'), 5, 1)[0]!
        .covered
    expect(covered('angelfish', 1)).toBeCloseTo(4 / 12, 6)
    expect(covered('angelfish', 3)).toBeCloseTo(1, 6)
    expect(covered('clownfish', 1)).toBe(1)
  })
  it('every amount has a reason that recomputes', () => {
    for (const s of SPECIES) {
      for (const d of ladder(brood({ species: s, n: 40 }), FIRST, 3, 2)) {
        for (const id of Object.keys(d.share).filter(f => d.share[f]! > 0)) {
          const why = mealWhy(d, edible(id)!, s, { temperatureC: 26, tankL: 20 })
          const value = Function(
            ...why.inputs.map(i => i.key),
            `return ${why.formula}`,
          )(...why.inputs.map(i => i.value)) as number
          expect(value / d.perMeal[id]!).toBeCloseTo(1, 6)
        }
      }
    }
  })
})

describe('wishes', () => {
  const wishes = (more: Partial<Wishes>): Wishes => ({ ...NO_WISHES, ...more })
  it('a pinned food never exceeds what fits, and never comes on a day on which it does not', () => {
    fc.assert(
      fc.property(
        anyBrood,
        fc.constantFrom(...FIRST),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        ({ s, c, meals }, food, share) => {
          for (const d of ladder(
            brood({
              species: s,
              c,
              mealsPerDay: meals,
              wishes: wishes({ pins: [{ food: food.id, share, fromDay: 0, toDay: 40 }] }),
            }),
            FIRST,
            0,
            25,
          )) {
            const { fit } = d.suitability[food.id]!
            if (fit < FIT_ENOUGH) expect(d.share[food.id]).toBe(0)
            else if (!d.bridged && sum(d.share) > d.share[food.id]! + 1e-9)
              expect(d.share[food.id]!).toBeLessThanOrEqual(Math.min(share, fit) + 1e-9)
          }
        },
      ),
      { seed: 14, numRuns: 60 },
    )
  })
  it('a forbidden food is gone, a preferred one gets more, a school brings its own', () => {
    expect(
      allowedFoods(['infusoria', 'brine-shrimp'], wishes({ forbidden: ['infusoria'] })),
    ).toEqual(['brine-shrimp'])
    expect(
      allowedFoods(['infusoria', 'brine-shrimp'], wishes({ school: 'straight-to-nauplii' })),
    ).toEqual(['brine-shrimp'])
    expect(allowedFoods(['brine-shrimp'], wishes({ school: 'algae-tank' }))).toEqual([
      'brine-shrimp',
      'infusoria',
    ])
    const plain = ladder(brood(), FIRST, 2, 1)[0]!
    const preferred = ladder(
      brood({ wishes: wishes({ preferred: ['infusoria'] }) }),
      FIRST,
      2,
      1,
    )[0]!
    expect(preferred.share.infusoria!).toBeGreaterThan(plain.share.infusoria!)
  })
  it('powder bridges the days before nauplii fit, and says that it is only a bridge', () => {
    const days = ladder(
      brood({ wishes: wishes({ school: 'powder-bridge' }) }),
      foods('first-powder', 'brine-shrimp'),
      0,
      20,
    )
    expect(days[0]).toMatchObject({ gap: false, bridged: true, share: { 'first-powder': 1 } })
    // Two meals of nauplii live for two thirds of the lit day: the rest of it powder carries.
    expect(days[15]!.share['brine-shrimp']).toBeCloseTo(2 / 3, 2)
  })
  it('an empty day is a gap, and names what would close it', () => {
    const days = ladder(brood(), foods('brine-shrimp'), 0, 30)
    const gaps = gapsOf(days)
    expect(gaps).toHaveLength(1)
    expect(gaps[0]!.from).toBe(0)
    expect(closers(days[0]!, species('small'), EDIBLES)).toContain('infusoria')
    expect(closers(days[0]!, species('small'), EDIBLES)).not.toContain('brine-shrimp')
    expect(nextChange(days, 0)).toMatchObject({ food: 'brine-shrimp', day: gaps[0]!.to + 1 })
  })
})
