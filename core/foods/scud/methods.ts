import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'

const usual: FoodMethod = {
  id: 'planted-tub',
  name: 'Planted tub',
  about: 'A planted tub that keeps itself; they clean, and feed large fish.',
  materials: ['tub', 'plants', 'leaf litter'],
  vesselRule: '10 L or more, planted.',
  airRule: 'Gentle or none.',
  waterRule: 'Hard, fresh water, no copper.',
  measures: [
    { what: 'water', unit: 'mL', perL: 1000 },
    { what: 'animals', starter: true, unit: 'each', perL: 2, buy: true },
    { what: 'leaf litter', takes: { 'dry-leaf': 1 }, unit: 'g', perL: 1, gPerMl: 0.05 },
  ],
  starterShare: 0.1,
  leastStarterShare: 0.02,
  start: [
    { text: 'Plants, leaf litter, hard water.', cautions: [CAUTIONS.copper] },
    { text: 'Animals, looked through.', cautions: [CAUTIONS.wild] },
  ],
  harvest: [
    { text: 'Net, or lift a leaf.' },
    { text: 'Never into ponds.', cautions: [CAUTIONS.release] },
  ],
  feed: {
    what: 'leaf, or pellets',
    takes: { 'dry-leaf': 1 },
    unit: 'g',
    perL: 0.1,
    when: 'every',
    everyDays: 7,
  },
  feedingRule: 'A leaf or a pellet a week.',
  harvestRule: 'A tenth a week.',
  renewRule: 'None for years.',
  renewAfterDays: 700,
  hygiene: 'worms',
  factors: {},
  sets: {},
  upkeep: [{ action: 'feed', everyH: 168, fromDay: 7 }],
  vessel: { volumeL: 15, depthCm: 15, widthCm: 35, matterGPerL: 0 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [usual]
