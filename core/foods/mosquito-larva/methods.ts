import { CAUTIONS } from '../cautions'
import type { FoodMethod } from '../contract'

const usual: FoodMethod = {
  id: 'leaf-bucket',
  name: 'Leaf bucket',
  about: 'Water with dry leaves outdoors; rafts appear within days; all is fed out before pupae.',
  materials: ['bucket', 'mesh under 1.2 mm', 'dry leaves', 'net'],
  vesselRule: 'Bucket of 10 L with a mesh lid.',
  airRule: 'None.',
  waterRule: 'Rain or tap water.',
  measures: [
    { what: 'water', unit: 'mL', perL: 1000 },
    { what: 'dry leaves', takes: { 'dry-leaf': 1 }, unit: 'g', perL: 2, gPerMl: 0.05 },
  ],
  starterShare: 0,
  leastStarterShare: 0,
  start: [
    { text: 'Only where it is legal: ask first.', cautions: [CAUTIONS.mosquito] },
    {
      text: 'Leaves and water, open in the evening, mesh on once rafts float.',
      cautions: [CAUTIONS.wild],
    },
  ],
  harvest: [
    { text: 'Net what has the size that fits, rinse.' },
    {
      text: 'Empty it all on dry ground before the day the model names. Never into water.',
      cautions: [CAUTIONS.mosquito, CAUTIONS.release],
    },
  ],
  feed: null,
  feedingRule: 'The leaves.',
  harvestRule: 'From the first instar to the advised last day; nothing may hatch.',
  renewRule: 'Empty, dry, start anew.',
  renewAfterDays: 8,
  hygiene: 'worms',
  factors: {},
  sets: {},
  upkeep: [],
  vessel: { volumeL: 10, depthCm: 25, widthCm: 22, matterGPerL: 2 },
}

/** Schools of practice, each with its own numbers. */
export const methods: readonly FoodMethod[] = [usual]
