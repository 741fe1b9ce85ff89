import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'ten-days',
  name: 'Ten days, then split',
  about: 'A third to a half of starter, ten days, then one is split into two or three.',
  materials: [
    'sterilised clear bottle',
    'zero-TDS water',
    'sea-salt mix',
    'f/2 medium',
    'rigid open-ended air line',
    'breathing stopper',
  ],
  vesselRule: 'Clear, sterilised, 1 to 5 L; several, staggered.',
  airRule: 'Rigid open-ended line: fine bubbles strip cells out; stopper that breathes.',
  waterRule:
    'Zero-TDS water, salted so that the whole has 26 g/L (SG 1.019); 1.014 to 1.026 by species.',
  measures: [
    { what: 'zero-TDS water', unit: 'mL', perL: 600 },
    {
      what: 'sea-salt mix',
      takes: { 'sea-salt': 1 },
      unit: 'g',
      perL: 15.6,
      gPerMl: 1.05,
      saltG: 1,
      buy: true,
    },
    { what: 'f/2 medium', takes: { f2: 1 }, unit: 'mL', perL: 1, buy: true },
    {
      what: 'starter, of SG 1.019',
      starter: true,
      unit: 'mL',
      perL: 400,
      saltG: 0.026,
      buy: true,
    },
  ],
  starterShare: 0.4,
  leastStarterShare: 0.1,
  start: [
    {
      text: 'Sterilise bottle and line with bleach, rinse until no smell, neutralise.',
      cautions: [CAUTIONS.bleach],
    },
    { text: 'Salt water to its gravity.', cautions: [CAUTIONS.saltWater, CAUTIONS.dust] },
    { text: 'Only f/2-type medium: plant food brings copper.', cautions: [CAUTIONS.copper] },
    {
      text: 'Starter, air, lamp 16 to 24 h, 18 to 26 °C.',
      cautions: [CAUTIONS.mains, CAUTIONS.lamp],
    },
  ],
  harvest: [
    { text: 'Before anything else in the round, never after rotifers.' },
    {
      text: 'Take it at its darkest, keep a third as starter. Surplus is bleached.',
      cautions: [CAUTIONS.release, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'f/2 medium', takes: { f2: 1 }, unit: 'mL', perL: 0.25, when: 'thin' },
  feedingRule: 'f/2 at the split.',
  harvestRule: 'From day 7 to 10, then split.',
  renewRule: 'From the back-up in the fridge every four weeks.',
  renewAfterDays: 28,
  hygiene: 'marine',
  salinityGPerL: 26,
  topUp: 'salt',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 2, depthCm: 20, widthCm: 12, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'daily-share',
    'A share a day',
    '15 % taken daily and made up with medium: always some, never much.',
    {
      harvestRule: '15 % a day; more than the light replaces thins it out.',
      renewAfterDays: 42,
      failure: 0.16,
      upkeep: [{ action: 'takeOut', amount: 0.15, unit: 'share', everyH: 24, fromDay: 9 }],
    },
  ),
]
