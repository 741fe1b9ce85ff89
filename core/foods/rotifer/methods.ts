import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'paste',
  name: 'Algae paste',
  about: 'Algae paste in salt water kept faintly green.',
  materials: ['two tubs', 'sieve of 40 to 60 µm', 'algae paste', 'salt'],
  vesselRule: 'Clear tub or bottle of 2 to 20 L, always two.',
  airRule: 'Open-ended line, a slow boil.',
  waterRule:
    'Zero-TDS or aged water, salted so that the whole has 20 g/L (SG 1.014); 10 to 35 are borne.',
  measures: [
    { what: 'water', unit: 'mL', perL: 900 },
    {
      what: 'salt',
      takes: { 'sea-salt': 1 },
      unit: 'g',
      perL: 18,
      gPerMl: 1.05,
      saltG: 1,
      buy: true,
    },
    {
      what: 'starter of 100 per mL, in water of 20 g/L',
      starter: true,
      unit: 'mL',
      perL: 100,
      saltG: 0.02,
      buy: true,
    },
    { what: 'algae paste, a day', takes: { 'algae-paste': 1 }, unit: 'mL', perL: 0.2, buy: true },
  ],
  starterShare: 0.1,
  leastStarterShare: 0.02,
  start: [
    { text: 'Mix the salt water.', cautions: [CAUTIONS.saltWater, CAUTIONS.mains] },
    { text: 'Starter, in water of the same gravity, 20 to 28 °C.' },
    { text: 'Paste until faintly green.' },
  ],
  harvest: [
    { text: 'Drain a share through 40 to 60 µm, rinse.' },
    {
      text: 'Make up with green salt water. Ciliates and foam mean overfed. Surplus is bleached.',
      cautions: [CAUTIONS.release, CAUTIONS.bleach, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'algae paste', takes: { 'algae-paste': 1 }, unit: 'mL', perL: 0.2, when: 'clear' },
  feedingRule: 'Faintly green at all times, again when clear.',
  harvestRule: '20 to 35 % a day.',
  renewRule: 'Clean the vessel weekly; a crash takes a day, so always two.',
  renewAfterDays: 28,
  hygiene: 'rotifers',
  salinityGPerL: 20,
  topUp: 'salt',
  factors: {},
  sets: {},
  upkeep: [{ action: 'feed', everyH: 12, fromDay: 0, whenBelow: { key: 'f', value: 5 } }],
  vessel: { volumeL: 5, depthCm: 25, widthCm: 16, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'live-algae',
    'Live algae',
    'Marine phytoplankton poured in: steadier water, and a bottle of algae to keep for it.',
    {
      measures: [
        { what: 'water', unit: 'mL', perL: 600 },
        {
          what: 'salt',
          takes: { 'sea-salt': 1 },
          unit: 'g',
          perL: 10.2,
          gPerMl: 1.05,
          saltG: 1,
          buy: true,
        },
        {
          what: 'starter of 100 per mL, in water of 20 g/L',
          starter: true,
          unit: 'mL',
          perL: 100,
          saltG: 0.02,
          buy: true,
        },
        { what: 'ripe phytoplankton', unit: 'mL', perL: 300, saltG: 0.026 },
      ],
      start: [
        { text: 'Mix the salt water.', cautions: [CAUTIONS.saltWater, CAUTIONS.mains] },
        { text: 'Starter, in water of the same gravity, 20 to 28 °C.' },
        { text: 'Phytoplankton until green.' },
      ],
      feed: {
        what: 'ripe phytoplankton',
        unit: 'mL',
        perL: 100,
        when: 'clear',
        foodId: 'marine-phytoplankton',
      },
      failure: 0.14,
      sets: { assimilation: 0.5, settling: 0.1, rotting: 0.05, overfed: 1000000000.0 },
    },
  ),
]
