import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'
import { school } from '../method'

const usual: FoodMethod = {
  id: 'shallow-cool',
  name: 'Shallow and cool',
  about: '10 to 20 cm of cool water over a thin layer of gravel, sinking pellets.',
  materials: ['tank or tub', 'pea gravel', 'sponge filter', 'sinking vegetable pellets'],
  vesselRule: 'Wide tub, 10 to 20 cm of water, no heater.',
  airRule: 'Sponge filter, or a change a day when shallow in the fridge.',
  waterRule: 'Cool fresh water, under 24 °C, no copper.',
  measures: [
    { what: 'water', unit: 'mL', perL: 1000 },
    { what: 'pea gravel', unit: 'mL', perL: 100, buy: true },
    { what: 'starter', starter: true, unit: 'g', perL: 5, buy: true },
    { what: 'pellets, a feed', unit: 'g', perL: 0.1, buy: true },
  ],
  starterShare: 0.2,
  leastStarterShare: 0.02,
  start: [
    { text: 'Gravel and cool water.', cautions: [CAUTIONS.copper] },
    { text: 'Rinsed starter.', cautions: [CAUTIONS.wild] },
    { text: 'Sponge filter.', cautions: [CAUTIONS.mains] },
  ],
  harvest: [
    { text: 'Drag a baster along the glass, rinse, chop for small fish.' },
    {
      text: 'What is over is frozen, never into ponds.',
      cautions: [CAUTIONS.release, CAUTIONS.kitchen],
    },
  ],
  feed: { what: 'sinking pellets', unit: 'g', perL: 0.1, when: 'every', everyDays: 7 },
  feedingRule: 'What is gone in a day, weekly.',
  harvestRule: 'At most a tenth a week of a young line.',
  renewRule: 'Stir or chop now and then; two vessels.',
  renewAfterDays: 365,
  hygiene: 'worms',
  factors: {},
  sets: {},
  upkeep: [{ action: 'feed', everyH: 168, fromDay: 7 }],
  vessel: { volumeL: 10, depthCm: 12, widthCm: 40, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [
  usual,
  school(
    usual,
    'fridge-paper',
    'Fridge and paper',
    'A finger of water in the fridge, on strips of brown paper, changed daily: keeps them, and hardly grows them.',
    {
      measures: [
        { what: 'water', unit: 'mL', perL: 1000 },
        { what: 'starter', starter: true, unit: 'g', perL: 20, buy: true },
        { what: 'brown paper, strips', unit: 'each', perL: 4, buy: true },
      ],
      vesselRule: 'Flat box in the fridge, water a finger deep.',
      airRule: 'None: a change of water a day.',
      factors: { rOpt: 0.6, capacity: 0.5 },
      feed: null,
      upkeep: [],
      vessel: { volumeL: 2, depthCm: 3, widthCm: 25, matterGPerL: 0 },
    },
  ),
]
