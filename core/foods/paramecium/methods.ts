import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'boiled-grain',
  name: 'Boiled grain, spring water',
  about: 'Sterile jars with boiled grains and a little yeast: clean, and swarming within a week.',
  materials: [
    'two or more sterile jars',
    'wheat or rice grains',
    'spring or other low-metal water',
    'a sterile pipette for each jar',
    'cloth or paper cover',
  ],
  vesselRule: 'Glass of 0.3 to 1 L, scalded.',
  airRule: 'None.',
  waterRule: 'Boiled and cooled spring water; tap water can fail, compare side by side.',
  measures: [
    { what: 'boiled, cooled water', unit: 'mL', perL: 925 },
    { what: 'starter', starter: true, unit: 'mL', perL: 75, buy: true },
    { what: 'wheat grains', takes: { wheat: 1 }, unit: 'each', perL: 20 },
    { what: 'yeast', takes: { yeast: 1 }, unit: 'g', perL: 0.01, gPerMl: 0.63, buy: true },
  ],
  starterShare: 0.075,
  leastStarterShare: 0.02,
  start: [
    { text: 'Boil water and grains.', clockMinutes: 10, cautions: [CAUTIONS.boiling] },
    { text: 'Cool below 26 °C, add the starter with a sterile pipette.', clockMinutes: 60 },
    { text: 'Cover with cloth; dark is fine, 20 to 26 °C.' },
    { text: 'Keep one jar that is never fed from.' },
  ],
  harvest: [
    { text: 'Hold a torch to the glass: they gather. Draw there.' },
    {
      text: 'Make up with boiled, cooled water. Surplus is boiled before it goes.',
      cautions: [CAUTIONS.release, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'boiled wheat grains', takes: { wheat: 1 }, unit: 'each', perL: 2, when: 'thin' },
  feedingRule: 'One boiled grain when it thins out.',
  harvestRule: 'A fifth a day while it swarms.',
  renewRule: 'Every 3 to 4 weeks from the jar that is never fed from.',
  renewAfterDays: 26,
  hygiene: 'pure',
  topUp: 'boiled',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 0.5, depthCm: 8, widthCm: 9, matterGPerL: 0.6 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'yeast-milk',
    'Yeast milk',
    'Yeast alone in sterile water: faster, and sooner over.',
    {
      measures: [
        { what: 'boiled, cooled water', unit: 'mL', perL: 925 },
        { what: 'starter', starter: true, unit: 'mL', perL: 75, buy: true },
        { what: 'yeast', takes: { yeast: 1 }, unit: 'g', perL: 0.05, gPerMl: 0.63, buy: true },
      ],
      feed: {
        what: 'yeast',
        takes: { yeast: 1 },
        unit: 'g',
        perL: 0.02,
        gPerMl: 0.63,
        when: 'thin',
      },
      renewAfterDays: 16,
      factors: { tau: 0.6, rOpt: 1.1 },
    },
  ),
]
