import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'live-algae',
  name: 'Live algae',
  about: 'Sea water kept green with marine phytoplankton: slow to build, and steady for months.',
  materials: ['two tubs', 'sieves of 60 and 150 µm', 'marine phytoplankton', 'sea-salt mix'],
  vesselRule: 'Clear tub of 5 to 20 L, flat rather than deep, always two.',
  airRule: 'Open-ended line, a bubble a second: they are damaged by more.',
  waterRule: 'Zero-TDS water, salted so that the whole has 30 g/L (SG 1.022).',
  measures: [
    { what: 'zero-TDS water', unit: 'mL', perL: 600 },
    {
      what: 'sea-salt mix',
      takes: { 'sea-salt': 1 },
      unit: 'g',
      perL: 19.2,
      gPerMl: 1.05,
      saltG: 1,
      buy: true,
    },
    {
      what: 'starter of 4 per mL, in water of 30 g/L',
      starter: true,
      unit: 'mL',
      perL: 100,
      saltG: 0.03,
      buy: true,
    },
    { what: 'ripe phytoplankton', unit: 'mL', perL: 300, saltG: 0.026 },
  ],
  starterShare: 0.1,
  leastStarterShare: 0.03,
  start: [
    { text: 'Mix the salt water.', cautions: [CAUTIONS.saltWater, CAUTIONS.mains] },
    {
      text: 'Starter, in water of the same gravity, 22 to 28 °C. Look through it: rotifers in it take it over.',
    },
    { text: 'Phytoplankton until faintly green.' },
  ],
  harvest: [
    { text: 'Pour a share through 150 µm onto 60 µm; adults go back from the coarse sieve.' },
    {
      text: 'Make up with green salt water. Own sieves: a rotifer ends the line. Surplus is bleached.',
      cautions: [CAUTIONS.release, CAUTIONS.bleach, CAUTIONS.kitchen],
    },
  ],
  feed: {
    what: 'ripe phytoplankton',
    unit: 'mL',
    perL: 30,
    when: 'clear',
    foodId: 'marine-phytoplankton',
  },
  feedingRule:
    'A hint of green, once a day when it has cleared: more makes a crowd, and a crowd eats its young.',
  harvestRule: 'A tenth to a fifth a day.',
  renewRule: 'Siphon the bottom monthly; every two months a clean vessel from sieved adults.',
  renewAfterDays: 60,
  hygiene: 'rotifers',
  salinityGPerL: 30,
  topUp: 'salt',
  failure: 0.2,
  factors: {},
  sets: {},
  upkeep: [{ action: 'feed', everyH: 24, fromDay: 0, whenBelow: { key: 'f', value: 1.5 } }],
  vessel: { volumeL: 5, depthCm: 15, widthCm: 20, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'paste',
    'Algae paste',
    'Paste instead of live algae: nothing else to keep, and it settles, fouls and gives less.',
    {
      measures: [
        { what: 'zero-TDS water', unit: 'mL', perL: 900 },
        {
          what: 'sea-salt mix',
          takes: { 'sea-salt': 1 },
          unit: 'g',
          perL: 27,
          gPerMl: 1.05,
          saltG: 1,
          buy: true,
        },
        {
          what: 'starter of 4 per mL, in water of 30 g/L',
          starter: true,
          unit: 'mL',
          perL: 100,
          saltG: 0.03,
          buy: true,
        },
        {
          what: 'algae paste, a day',
          takes: { 'algae-paste': 1 },
          unit: 'mL',
          perL: 0.03,
          buy: true,
        },
      ],
      start: [
        { text: 'Mix the salt water.', cautions: [CAUTIONS.saltWater, CAUTIONS.mains] },
        { text: 'Starter, in water of the same gravity, 22 to 28 °C.' },
        { text: 'Paste until faintly green.' },
      ],
      feed: {
        what: 'algae paste',
        takes: { 'algae-paste': 1 },
        unit: 'mL',
        perL: 0.03,
        when: 'clear',
      },
      renewAfterDays: 30,
      failure: 0.3,
      sets: { assimilation: 0.42, settling: 0.4, rotting: 0.15, overfed: 60, risk: 1 },
    },
  ),
]
