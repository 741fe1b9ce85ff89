import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gapeFit } from '@renatus/core/fry/gapeFit'
import { lengthAfter } from '@renatus/core/fry/growth'
import { growthFit } from '@renatus/core/fry/growthFit'
import { lifeDates, lifeStage, type Anchor } from '@renatus/core/fry/life'
import { SPECIES } from '@renatus/core/fry/species/index'
import { TAN, tankLoad, tanPerDay, unionisedShare } from '@renatus/core/fry/tankLoad'
import { daysBetween } from '@renatus/core/time/localDate'

const species = (id: string) => SPECIES.find(s => s.id === id)!

describe('growth corrected by lengths', () => {
  const s = species('angelfish')
  it('nothing measured leaves the book, one length pulls it, two replace it', () => {
    expect(growthFit(s, [])).toMatchObject({ factor: 1, lengths: 0 })
    const at = (days: number) => ({ days, lengthMm: lengthAfter(s, days, 1.3) })
    const one = growthFit(s, [at(12)])
    expect(one.factor).toBeGreaterThan(1.05)
    expect(one.factor).toBeLessThan(1.3)
    expect(growthFit(s, [at(12), at(20)]).factor).toBeCloseTo(1.3, 1)
    expect(growthFit(s, [{ days: 0, lengthMm: 9 }])).toMatchObject({ factor: 1, lengths: 0 })
  })
  it('finds the rate that lengths were made with, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        (fish, factor) =>
          Math.abs(
            Math.log(
              growthFit(
                fish,
                [8, 15, 22].map(days => ({ days, lengthMm: lengthAfter(fish, days, factor) })),
              ).factor / factor,
            ),
          ) < 0.02,
      ),
      { seed: 15, numRuns: 40 },
    )
  })
})

describe('gape corrected by bellies', () => {
  const look = (bellies: 'empty' | 'full', preyUm = 180) => ({ lengthMm: 5, preyUm, bellies })
  it('full bellies of a prey on the edge widen the mouth, refusal narrows it, neither past reason', () => {
    const full = gapeFit(0.055, [look('full'), look('full')])
    const refused = gapeFit(0.055, [look('empty'), look('empty')])
    expect(full.factor).toBeGreaterThan(1.03)
    expect(refused.factor).toBeLessThan(0.97)
    expect(full.sd).toBeLessThan(0.15)
    expect(
      gapeFit(
        0.055,
        Array.from({ length: 40 }, () => look('empty')),
      ).factor,
    ).toBeGreaterThan(0.6)
  })
  it('a prey that fits any mouth teaches next to nothing', () => {
    expect(gapeFit(0.06, [look('full', 90), look('full', 90)]).factor).toBeCloseTo(1, 1)
  })
})

describe('dates of a life', () => {
  const s = species('zebrafish')
  const spawned: Anchor = { event: 'spawned', on: '2026-03-10', kind: 'seen', spreadDays: 0 }
  const free = (anchors: Anchor[], c: number) => lifeDates(s, anchors, () => c)
  it('at the reference temperature the usual days pass, colder takes longer, by Q10 2.5', () => {
    expect(free([spawned], 28.5).free.on).toBe('2026-03-15')
    const cold = daysBetween('2026-03-10', free([spawned], 23.5).free.on)
    expect(cold).toBe(Math.round(5 * 2.5 ** 0.5))
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.double({ min: 18, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (fish, c, more) =>
          lifeDates(fish, [spawned], () => c + more).free.on <=
          lifeDates(fish, [spawned], () => c).free.on,
      ),
      { seed: 16 },
    )
  })
  it('what was seen later in life wins over what was worked out, and a hope gives way to anything seen', () => {
    expect(
      free([spawned, { event: 'hatched', on: '2026-03-14', kind: 'seen', spreadDays: 0 }], 28.5)
        .free.on,
    ).toBe('2026-03-16')
    expect(
      free(
        [
          { ...spawned, kind: 'expected', spreadDays: 3 },
          { event: 'spawned', on: '2026-03-12', kind: 'seen', spreadDays: 0 },
        ],
        28.5,
      ),
    ).toMatchObject({ spawned: { on: '2026-03-12', seen: true }, free: { on: '2026-03-17' } })
    const hoped = free([{ ...spawned, kind: 'expected', spreadDays: 3 }], 28.5)
    expect(hoped.free.spreadDays).toBeGreaterThan(3)
    expect(free([spawned], 28.5).free.spreadDays).toBeLessThan(2)
  })
  it('stages follow the dates', () => {
    const dates = free([spawned], 28.5)
    expect(
      ['2026-03-09', '2026-03-11', '2026-03-13', '2026-03-15'].map(d => lifeStage(dates, d)),
    ).toEqual(['hoped', 'eggs', 'yolk', 'feeding'])
  })
  it('a cold night in between delays by what it cost', () => {
    const wander = lifeDates(s, [spawned], d =>
      d === '2026-03-11' || d === '2026-03-12' ? 20 : 28.5,
    )
    expect(wander.free.on > '2026-03-15').toBe(true)
  })
})

describe('load on a tank', () => {
  it('un-ionised share as tabled: 26 C, pH 7.0, 7.5, 8.0, 8.5', () => {
    expect([7, 7.5, 8, 8.5].map(pH => Math.round(unionisedShare(pH, 26) * 1000) / 10)).toEqual(
      [0.6, 1.9, 5.7, 16.1].map(x => expect.closeTo(x, 0)),
    )
  })
  it('TAN follows the formula, and the advised change brings it to what fry stand', () => {
    const perDay = tanPerDay([{ dryMg: 100, protein: 0.54, uneatenShare: 0.15 }], 20)
    expect(perDay).toBeCloseTo(((0.9 * 0.15 + 0.55 * 0.85) * 100 * 0.54 * 0.16) / 20, 9)
    const water = { changePerDay: 0, filter: false, pH: 7.5, temperatureC: 26, marine: false }
    const load = tankLoad(perDay, water)
    expect(load.verdict).not.toBe('fine')
    expect(
      tankLoad(perDay, { ...water, changePerDay: load.changeNeeded! }).unionisedMgL,
    ).toBeCloseTo(TAN.longTermMgL, 6)
    expect(tankLoad(perDay * 100, { ...water, pH: 9 }).changeNeeded).toBeNull()
  })
})
