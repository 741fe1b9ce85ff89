import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { growthRate, lengthMm } from '@renatus/core/fry/growth'
import { dryMg, shapeAt, wetMg } from '@renatus/core/fry/mass'
import { rationEaten } from '@renatus/core/fry/ration'
import { sizeFit } from '@renatus/core/fry/sizeFit'
import { SPECIES } from '@renatus/core/fry/species/index'
import { searchSpecies } from '@renatus/core/fry/species/searchSpecies'
import { ESTIMATE } from '@renatus/core/fry/species/species'
import { speciesOf } from '@renatus/core/fry/species/speciesOf'
import { fryAlive } from '@renatus/core/fry/survival'
import { fryCourse, fryOn } from '@renatus/core/fry/fryCourse'

const species = (id: string) => SPECIES.find(s => s.id === id)!

describe('the catalogue', () => {
  it('has four size classes and at least 30 fish, no two alike, with sources for every value', () => {
    expect(SPECIES.length).toBeGreaterThanOrEqual(34)
    expect(new Set(SPECIES.map(s => s.id)).size).toBe(SPECIES.length)
    const body = SPECIES.map(s =>
      [
        s.firstFeedingMm,
        s.gapePerLength,
        s.length14Mm,
        s.length30Mm,
        s.adultMm,
        s.referenceC,
        ...s.hatchDays,
      ].join(),
    )
    expect(new Set(body).size).toBe(SPECIES.length)
    expect(SPECIES.filter(s => s.marine).length).toBeGreaterThanOrEqual(4)
    for (const s of SPECIES)
      expect(
        s.firstFeedingMm < s.length14Mm && s.length14Mm < s.length30Mm && s.length30Mm < s.adultMm,
        s.id,
      ).toBe(true)
  })
  it('at most half of the values are working estimates', () => {
    const sources = SPECIES.flatMap(s => Object.values(s.sources))
    expect(sources.every(Boolean)).toBe(true)
    expect(sources.filter(x => x === ESTIMATE).length / sources.length).toBeLessThanOrEqual(0.5)
  })
  it('is searched by common and Latin names, every word, any case', () => {
    const ids = (text: string) => searchSpecies(SPECIES, text).map(s => s.id)
    expect(ids('ANGEL')[0]).toBe('angelfish')
    expect(ids('oryzias lat')).toEqual(['medaka'])
    expect(ids('tetra').length).toBeGreaterThanOrEqual(4)
    expect(ids('unicorn')).toEqual([])
    expect(ids('')).toHaveLength(SPECIES.length)
  })
  it('an id nobody knows has no species, a record of the user makes one', () => {
    expect(speciesOf('unicorn', [])).toBeNull()
    const record = {
      id: '0'.repeat(26),
      type: 'species',
      updatedAt: '2026-03-01T00:00:00Z',
      removedAt: null,
      name: 'Moss dwarf',
      latin: '',
      basedOn: 'discus',
      guild: 'carnivore',
      zones: ['bottom'],
      birth: 'eggs',
      hatchDays: [3, 2, 4],
      swimDays: [2, 1, 3],
      firstFeedingMm: 3,
      gapePerLength: 0.06,
      length14Mm: 5,
      length30Mm: 9,
      adultMm: 30,
      referenceC: 25,
      marine: false,
    } as const
    expect(speciesOf(record.id, [record as never])).toMatchObject({
      names: ['Moss dwarf'],
      shape: 1.6,
      zones: ['bottom'],
      sources: { gapePerLength: 'your own values, copied from Discus' },
    })
  })
})

describe('growth', () => {
  it('passes near the lengths at day 14 and 30 of every species', () => {
    for (const s of SPECIES) {
      expect(lengthMm(s, 0, s.referenceC)).toBeCloseTo(s.firstFeedingMm, 6)
      expect(
        Math.abs(lengthMm(s, 14, s.referenceC) - s.length14Mm) / s.length14Mm,
        s.id,
      ).toBeLessThan(0.25)
      expect(
        Math.abs(lengthMm(s, 30, s.referenceC) - s.length30Mm) / s.length30Mm,
        s.id,
      ).toBeLessThan(0.25)
      expect(growthRate(s)).toBeGreaterThan(0)
    }
  })
  it('warmer is never slower inside the range, and every day is longer than the one before', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 15, max: 32, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (s, day, c, more) =>
          lengthMm(s, day, c + more) >= lengthMm(s, day, c) - 1e-9 &&
          lengthMm(s, day, c) > lengthMm(s, day - 1, c),
      ),
      { seed: 8 },
    )
  })
})

describe('mouths', () => {
  it('size fit: none below 0.02 and above 0.75 of the gape, full between 0.15 and 0.5', () => {
    expect([0.01, 0.02, 0.15, 0.3, 0.5, 0.625, 0.75, 1].map(x => sizeFit(x * 1000, 1000))).toEqual([
      0,
      0,
      1,
      1,
      1,
      expect.closeTo(0.5, 6),
      0,
      0,
    ])
  })
})

describe('ration and mass', () => {
  it('masses join at 9.8 mm, a 4 mm fry weighs 0.35 mg, and tall bodies weigh more only where they are tall', () => {
    expect(wetMg(4)).toBeCloseTo(0.353, 2)
    expect(wetMg(9.79)).toBeCloseTo(wetMg(9.81), 0)
    expect(dryMg(8, 4) / wetMg(8)).toBeCloseTo(0.16, 6)
    expect([6.5, 12, 30].map(l => shapeAt(species('discus'), l))).toEqual([1, 1.6, 1.6])
  })
  it('falls with length and temperature, and stops rising at 28 C', () => {
    expect(rationEaten(3, 26)).toBeCloseTo(0.8, 6)
    expect(rationEaten(30, 26)).toBeCloseTo(0.08, 6)
    expect(rationEaten(5, 28)).toBeCloseTo(rationEaten(5, 31), 9)
    expect(rationEaten(5, 16) / rationEaten(5, 26)).toBeCloseTo(1 / 2.3, 6)
  })
})

describe('numbers', () => {
  it('losses follow the usual survival, and eggs are not counted down', () => {
    expect(fryAlive(100, 0, 7)).toBeCloseTo(100 * 0.97 ** 7, 6)
    expect(fryAlive(100, -5, 0)).toBe(100)
    expect(fryAlive(100, 10, 12)).toBeCloseTo(100 * 0.985 ** 2, 6)
  })
  it('a count replaces the guess, what left is taken off, and the past stays as it was', () => {
    const course = fryCourse(
      { fry: 100, on: '2026-03-10' },
      [
        { on: '2026-03-15', kind: 'counted', fry: 60 },
        { on: '2026-03-16', kind: 'left', fry: 30 },
        { on: '2026-03-01', kind: 'counted', fry: 5 },
      ],
      '2026-03-10',
    )
    expect(fryOn(course, '2026-03-12')).toBeCloseTo(100 * 0.97 ** 2, 6)
    expect(fryOn(course, '2026-03-15')).toBe(60)
    expect(fryOn(course, '2026-03-16')).toBeCloseTo(60 * 0.97 - 30, 6)
    expect(
      fryOn(
        fryCourse(
          { fry: 10, on: '2026-03-10' },
          [{ on: '2026-03-11', kind: 'left', fry: 50 }],
          '2026-03-10',
        ),
        '2026-03-12',
      ),
    ).toBe(0)
  })
})
