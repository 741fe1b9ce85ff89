import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  gallonsToLitres,
  litresToGallons,
} from '@renatus/core/units/convert'
import {
  formatDuration,
  formatGrams,
  formatLitres,
  formatSpoons,
  formatTemperature,
} from '@renatus/core/units/format'
import { KITCHEN_MEASURES, measureMl } from '@renatus/core/units/kitchenMeasures'
import { parseAmount } from '@renatus/core/units/parseAmount'
import { toSpoons } from '@renatus/core/units/toSpoons'

const system = fc.constantFrom('us' as const, 'metric' as const)

describe('toSpoons', () => {
  it('comes within 1 %, or as near as half the smallest spoon, and says what it measured', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 2000, noNaN: true }), system, (ml, sys) => {
        const { spoons, ml: measured } = toSpoons(ml, sys)
        const added = spoons.reduce((sum, s) => sum + s.count * measureMl(s.measure, sys)!, 0)
        const smallest = KITCHEN_MEASURES[sys].at(-1)!.ml
        return (
          Math.abs(added - measured) < 1e-6 &&
          spoons.every(s => s.count > 0 && Number.isInteger(s.count)) &&
          Math.abs(measured - ml) <= Math.max(0.01 * ml, smallest / 2) + 1e-9
        )
      }),
      { seed: 3, numRuns: 500 },
    )
  })
})

describe('spoons that are not level', () => {
  const salt = { measures: 'metric', gPerMl: 1.2 } as const
  it('heaped: level times 1.5 to 1.8, said with its spread', () => {
    const found = parseAmount('1 heaping tbsp', 'mass', salt)
    expect(found).toMatchObject({ ok: true, value: expect.closeTo(18 * 1.65, 9) })
    expect(found).toMatchObject({ between: [27, expect.closeTo(32.4, 9)] })
    expect(parseAmount('heaped tbsp + 1 tsp', 'mass', salt)).toMatchObject({
      between: [33, expect.closeTo(38.4, 9)],
    })
    expect(parseAmount('2 rounded tsp', 'mass', salt)).toMatchObject({
      value: expect.closeTo(15.6, 9),
    })
    expect(parseAmount('1 tbsp', 'mass', salt)).toEqual({ ok: true, value: 18 })
  })
})

describe('parseAmount', () => {
  const mass = { measures: 'metric' as const, gPerMl: 1.2 }
  it.each([
    ['52', 52],
    ['52 g', 52],
    ['half a tsp', 3],
    ['1/2 tsp', 3],
    ['1 1/2 tsp', 9],
    ['1½ tsp', 9],
    ['2 tbsp + 1 tsp', 42],
    ['2,5 g', 2.5],
    ['1 oz', 28.349523125],
    ['a tablespoon', 18],
  ])('reads %s as grams', (text, want) => {
    expect(parseAmount(text, 'mass', mass)).toEqual({
      ok: true,
      value: expect.closeTo(want, 6) as number,
    })
  })
  it.each([
    ['2 gal', 7.570823568],
    ['500 mL', 0.5],
    ['2 cups', 0.473176],
    ['1.5 litres', 1.5],
  ])('reads %s as litres', (text, want) => {
    expect(parseAmount(text, 'volume', { measures: 'us' })).toEqual({
      ok: true,
      value: expect.closeTo(want, 6) as number,
    })
  })
  it.each([
    ['', 'empty'],
    ['-3', 'unreadable'],
    ['three spoons of it', 'unreadable'],
    ['abc', 'unreadable'],
  ])('refuses %j', (text, code) => {
    expect(parseAmount(text, 'mass', mass)).toMatchObject({ ok: false, code })
  })
  it('refuses a mass where a volume is wanted, and spoons of a powder of unknown density', () => {
    expect(parseAmount('3 g', 'volume', mass)).toMatchObject({ code: 'wrong-kind' })
    expect(parseAmount('1 tsp', 'mass', { measures: 'metric' })).toMatchObject({
      code: 'needs-density',
    })
  })
})

describe('formatting and conversion', () => {
  it('turns over and back without loss', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 500, noNaN: true }),
        x =>
          Math.abs(fahrenheitToCelsius(celsiusToFahrenheit(x)) - x) < 1e-9 &&
          Math.abs(gallonsToLitres(litresToGallons(x)) - x) < 1e-9,
      ),
      { seed: 4 },
    )
  })
  it('is as precise as a spoon or a syringe', () => {
    const plain = (s: string) => s.replaceAll('\u00A0', ' ')
    expect(plain(formatGrams(52))).toBe('52 g')
    expect(plain(formatGrams(3.1))).toBe('3.1 g')
    expect(plain(formatLitres(0.5, 'metric'))).toBe('500 mL')
    expect(plain(formatLitres(3.785411784, 'us'))).toBe('1 gal')
    expect(plain(formatTemperature(26, 'us'))).toBe('79 °F')
    expect([0.4, 7 + 2 / 3, 24, 51].map(h => plain(formatDuration(h)))).toEqual([
      '24 min',
      '7 h 40',
      '24 h',
      '2 d 3 h',
    ])
    expect(
      plain(
        formatSpoons([
          { measure: 'tbsp', count: 2 },
          { measure: 'half-tsp', count: 1 },
          { measure: 'pinch', count: 2 },
        ]),
      ),
    ).toBe('2 tbsp + ½ tsp + 2 pinches')
  })
})
