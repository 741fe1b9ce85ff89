import { describe, expect, it } from 'vitest'
import {
  clockField,
  dateField,
  handField,
  massField,
  numberField,
  optionalNumber,
  RULES,
  temperatureField,
  textField,
  volumeField,
} from '~/words/fields'

/** Every refusal names the field, the value and the remedy. */
const CASES = [
  [
    'zero litres',
    volumeField(RULES.vesselLitres, 'metric'),
    '0',
    ['Hatch vessel', '“0”', 'more than 0', '200'],
  ],
  [
    'negative litres',
    volumeField(RULES.vesselLitres, 'metric'),
    '-2',
    ['Hatch vessel', '“-2”', '“2 L”'],
  ],
  [
    'litres in words nobody knows',
    volumeField(RULES.tankLitres, 'us'),
    'a bathtub',
    ['Tank', '“a bathtub”', '“0.5 gal”'],
  ],
  ['an empty volume', volumeField(RULES.tankLitres, 'metric'), '', ['Tank', 'is empty', '20,000']],
  [
    '0 % hatch',
    numberField(RULES.hatchPercent),
    '0',
    ['Share that hatches', '“0”', '1 to 100 %', 'bin'],
  ],
  [
    '140 % hatch',
    numberField(RULES.hatchPercent),
    '140',
    ['Share that hatches', '“140”', '1 to 100 %'],
  ],
  [
    '5 C',
    temperatureField(RULES.vesselTemperature, 'metric'),
    '5',
    ['Temperature of the hatch vessel', '“5”', '15', '34', 'warm'],
  ],
  [
    '45 C',
    temperatureField(RULES.vesselTemperature, 'metric'),
    '45',
    ['Temperature of the hatch vessel', '“45”', 'cool'],
  ],
  ['41 F', temperatureField(RULES.vesselTemperature, 'us'), '41', ['“41”', '59', '93', '°F']],
  [
    'fry -3',
    numberField(RULES.fry),
    '-3',
    ['Number of fry', '“-3”', 'whole number', '1 to 100,000'],
  ],
  [
    '10 million fry',
    numberField(RULES.fry),
    '10000000',
    ['Number of fry', '“10000000”', '100,000'],
  ],
  ['half a fry', numberField(RULES.fry), '1.5', ['Number of fry', '“1.5”', 'whole number']],
  [
    'salt as litres',
    massField(RULES.saltGrams, 'metric', 1.2),
    '2 litres of brine',
    ['Salt', '“2 litres of brine”', 'g', '“2 tbsp + 1 tsp”'],
  ],
  [
    'cysts by the kilo',
    massField(RULES.cystGrams, 'metric', 0.58),
    '9 kg',
    ['Cysts', '“9 kg”', '2,000 g'],
  ],
  [
    'density of lead',
    optionalNumber(RULES.saltDensity),
    '11',
    ['Grams per mL of the salt', '“11”', 'Weigh ten level teaspoons'],
  ],
  [
    'a clock of 25 hours',
    clockField('Morning round'),
    '25:10',
    ['Morning round', '“25:10”', '06:30'],
  ],
  [
    '30 February',
    dateField('Free-swimming date'),
    '2026-02-30',
    ['Free-swimming date', '“2026-02-30”', '2026-03-23'],
  ],
  ['no name', textField('Name of the room'), '  ', ['Name of the room', 'is empty', '1 to 60']],
] as const

describe('refused input', () => {
  it.each(CASES)('%s: names field, value and remedy', (_name, field, text, words) => {
    const parsed = field.safeParse(text)
    expect(parsed.success).toBe(false)
    const message = parsed.error!.issues[0]!.message.replaceAll('\u00A0', ' ')
    for (const word of words) expect(message).toContain(word)
  })
})

describe('accepted input', () => {
  it.each([
    [volumeField(RULES.vesselLitres, 'metric'), '500 mL', 0.5],
    [volumeField(RULES.vesselLitres, 'us'), '0.5', 1.892705892],
    [volumeField(RULES.vesselLitres, 'us'), '2 cups', 0.473176],
    [volumeField(RULES.vesselLitres, 'metric'), '1,5', 1.5],
    [massField(RULES.saltGrams, 'metric', 1.2), 'half a tsp', 3],
    [temperatureField(RULES.vesselTemperature, 'us'), '77', 25],
    [numberField(RULES.hatchPercent), '62,5', 62.5],
    [optionalNumber(RULES.price), '', null],
  ] as const)('%# reads what people type', (field, text, want) => {
    const got = field.parse(text)
    if (want === null) expect(got).toBeNull()
    else expect(got).toBeCloseTo(want, 6)
  })
})

describe('an amount in the measure of a hand', () => {
  const read = (text: string, unit: 'mL' | 'piece' | 'g', measures: 'metric' | 'us' = 'metric') =>
    handField({ label: 'Drawn', min: 0, max: 1e6 }, unit, measures).safeParse(text)
  it.each([
    ['12', 'mL', 12],
    ['12,5', 'mL', 12.5],
    ['2 tsp', 'mL', 10],
    ['2 tbsp + 1 tsp', 'mL', 35],
    ['1.2 L', 'mL', 1200],
    ['1½', 'piece', 1.5],
    ['1/2', 'piece', 0.5],
    ['0.08 g', 'g', 0.08],
    ['0', 'mL', 0],
  ] as const)('%s %s', (text, unit, value) => {
    const result = read(text, unit)
    expect(result.success && result.data).toBeCloseTo(value, 9)
  })
  it('refuses what is none, with the field, what was typed and the remedy', () => {
    for (const [text, unit] of [
      ['-2', 'mL'],
      ['much', 'mL'],
      ['2 tsp', 'piece'],
      ['5 g', 'mL'],
      ['', 'mL'],
    ] as const) {
      const result = read(text, unit)
      expect(result.success, text).toBe(false)
      expect(result.error!.issues[0]!.message).toMatch(/^Drawn (cannot be “|is empty)/)
    }
  })
})
