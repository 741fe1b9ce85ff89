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
    { what: 'pea gravel', takes: { gravel: 1 }, unit: 'mL', perL: 100, buy: true },
    { what: 'starter', starter: true, unit: 'g', perL: 5, buy: true },
    { what: 'pellets, a feed', takes: { pellets: 1 }, unit: 'g', perL: 0.1, buy: true },
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
  feed: {
    what: 'sinking pellets',
    takes: { pellets: 1 },
    unit: 'g',
    perL: 0.1,
    when: 'every',
    everyDays: 7,
  },
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
    'stirred',
    'Stirred every few days',
    'As the tub, and every third day stirred or cut through: each part grows to a worm, twice to three times as fast.',
    {
      renewRule: 'Stir by hand or draw a blade through the clump every third day; two vessels.',
      upkeep: [
        { action: 'feed', everyH: 168, fromDay: 7 },
        { action: 'stir', everyH: 72, fromDay: 1 },
      ],
    },
  ),
  school(
    usual,
    'plants-pellets',
    'Plants and sinking pellets',
    'A planted tub whose roots hold the worms and clean the water: fewer changes, fewer worms.',
    {
      materials: ['tank or tub', 'rooted and floating plants', 'sinking vegetable pellets'],
      airRule: 'None where the plants grow; a sponge filter where they do not.',
      measures: [
        { what: 'water', unit: 'mL', perL: 1000 },
        { what: 'pea gravel', takes: { gravel: 1 }, unit: 'mL', perL: 100, buy: true },
        { what: 'starter', starter: true, unit: 'g', perL: 5, buy: true },
        { what: 'plants, a handful', unit: 'each', perL: 0.2 },
        { what: 'pellets, a feed', takes: { pellets: 1 }, unit: 'g', perL: 0.05, buy: true },
      ],
      start: [
        { text: 'Gravel, cool water, plants.', cautions: [CAUTIONS.copper] },
        { text: 'Rinsed starter.', cautions: [CAUTIONS.wild] },
        { text: 'One pellet; more only once it is gone.' },
      ],
      feed: {
        what: 'sinking pellets',
        takes: { pellets: 1 },
        unit: 'g',
        perL: 0.05,
        when: 'every',
        everyDays: 7,
      },
      factors: { capacity: 0.7, failure: 0.6 },
    },
  ),
  school(
    usual,
    'fridge-paper',
    'Fridge and paper',
    'A finger of water in the fridge, on strips of brown paper, changed daily: keeps them, and hardly grows them.',
    {
      measures: [
        { what: 'water', unit: 'mL', perL: 1000 },
        { what: 'starter', starter: true, unit: 'g', perL: 20, buy: true },
        { what: 'brown paper, strips', takes: { paper: 1 }, unit: 'each', perL: 4, buy: true },
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
