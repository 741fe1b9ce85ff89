import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { brineShrimp } from '@renatus/core/foods/brine-shrimp/index'
import { growthRate, lengthMm } from '@renatus/core/fry/growth'
import { dryMg, wetMg } from '@renatus/core/fry/mass'
import { firstFittingDay, mealDemand, type BroodOnDay } from '@renatus/core/fry/mealDemand'
import { rationEaten } from '@renatus/core/fry/ration'
import { sizeFit } from '@renatus/core/fry/sizeFit'
import { SPECIES, speciesOf } from '@renatus/core/fry/species'
import { fryAlive } from '@renatus/core/fry/survival'

const species = (id: string) => SPECIES.find(s => s.id === id)!
const brood = (more: Partial<BroodOnDay> = {}): BroodOnDay => ({ species: species('angelfish'), day: 0, fry: 100, countedDay: 0, temperatureC: 26, tankL: 20, mealsPerDay: 2, ...more })
const demand = (b: BroodOnDay) => mealDemand(b, brineShrimp.profile)

describe('growth', () => {
  it('passes near the lengths at day 14 and 30 of every species', () => {
    for (const s of SPECIES) {
      expect(lengthMm(s, 0, s.referenceC)).toBeCloseTo(s.firstFeedingMm, 6)
      expect(Math.abs(lengthMm(s, 14, s.referenceC) - s.length14Mm) / s.length14Mm).toBeLessThan(0.25)
      expect(Math.abs(lengthMm(s, 30, s.referenceC) - s.length30Mm) / s.length30Mm).toBeLessThan(0.25)
      expect(growthRate(s)).toBeGreaterThan(0)
    }
  })
  it('warmer is never slower inside the range, and every day is longer than the one before', () => {
    fc.assert(fc.property(fc.constantFrom(...SPECIES), fc.integer({ min: 1, max: 60 }), fc.double({ min: 15, max: 32, noNaN: true }), fc.double({ min: 0, max: 5, noNaN: true }), (s, day, c, more) =>
      lengthMm(s, day, c + more) >= lengthMm(s, day, c) - 1e-9 && lengthMm(s, day, c) > lengthMm(s, day - 1, c)), { seed: 8 })
  })
})

describe('mouths and nauplii', () => {
  it('size fit: none below 0.02 and above 0.75 of the gape, full between 0.15 and 0.5', () => {
    expect([0.01, 0.02, 0.15, 0.3, 0.5, 0.625, 0.75, 1].map(x => sizeFit(x * 1000, 1000))).toEqual([0, 0, 1, 1, 1, expect.closeTo(0.5, 6), 0, 0])
  })
  it('fit the small class between day 5 and 14 at 26 C, the medium class by day 4, the large at once', () => {
    const day = (id: string) => firstFittingDay(species(id), 26, brineShrimp.profile)!
    expect(day('small')).toBeGreaterThanOrEqual(5)
    expect(day('small')).toBeLessThanOrEqual(14)
    expect(day('medium')).toBeLessThanOrEqual(4)
    expect(day('large')).toBe(0)
    expect(day('very-large')).toBe(0)
  })
})

describe('ration', () => {
  it('masses join at 9.8 mm and a 4 mm fry weighs 0.35 mg', () => {
    expect(wetMg(4)).toBeCloseTo(0.353, 2)
    expect(wetMg(9.79)).toBeCloseTo(wetMg(9.81), 0)
    expect(dryMg(8, 4) / wetMg(8)).toBeCloseTo(0.16, 6)
  })
  it('falls with length and temperature, and stops rising at 28 C', () => {
    expect(rationEaten(3, 26)).toBeCloseTo(0.8, 6)
    expect(rationEaten(30, 26)).toBeCloseTo(0.08, 6)
    expect(rationEaten(5, 28)).toBeCloseTo(rationEaten(5, 31), 9)
    expect(rationEaten(5, 16) / rationEaten(5, 26)).toBeCloseTo(1 / 2.3, 6)
  })
  it('a 5 mm fry is offered 15 to 60 nauplii a day at 26 C', () => {
    const s = { ...species('angelfish'), firstFeedingMm: 5 }
    const d = demand(brood({ species: s, fry: 1000, tankL: 2000 }))
    expect(d.lengthMm).toBeCloseTo(5, 6)
    expect(d.rationPerDay / 1000).toBeGreaterThan(15)
    expect(d.rationPerDay / 1000).toBeLessThan(60)
  })
})

describe('meal demand', () => {
  it('more fry never need less', () => {
    fc.assert(fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 0, max: 500 }), fc.integer({ min: 0, max: 40 }), (fry, more, day) =>
      demand(brood({ fry: fry + more, day })).perMeal >= demand(brood({ fry, day })).perMeal - 1e-9), { seed: 9 })
  })
  it('a few fry in much water need the density they can find, and a smaller box is advised', () => {
    const d = demand(brood({ fry: 5, tankL: 100 }))
    expect(d.perMeal).toBe(d.floorPerMeal)
    expect(d.floorPerMeal).toBe(250)
    expect(d.smallerBox).toBe(true)
  })
  it('one round a day cannot feed them fully: nauplii die between; salt water keeps them', () => {
    expect(demand(brood({ mealsPerDay: 1 })).covered).toBeCloseTo(0.5, 6)
    expect(demand(brood({ mealsPerDay: 1, species: species('clownfish') })).covered).toBe(1)
    expect(demand(brood({ mealsPerDay: 2 })).covered).toBe(1)
  })
  it('losses follow the usual survival, and eggs are not counted down', () => {
    expect(fryAlive(100, 0, 7)).toBeCloseTo(100 * 0.97 ** 7, 6)
    expect(fryAlive(100, -5, 0)).toBe(100)
    expect(fryAlive(100, 10, 12)).toBeCloseTo(100 * 0.985 ** 2, 6)
  })
  it('an id nobody knows has no species, own values make one', () => {
    expect(speciesOf({ speciesId: 'unicorn', own: null })).toBeNull()
    expect(speciesOf({ speciesId: 'own', own: { name: 'X', firstFeedingMm: 4, gapePerLength: 0.06, length14Mm: 6, length30Mm: 9, adultMm: 30, referenceC: 25 } })).toMatchObject({ name: 'X', source: 'your own values' })
  })
})
