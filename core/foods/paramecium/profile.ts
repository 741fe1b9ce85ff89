import type { FoodProfile } from '../contract'

/** Paramecium caudatum and its like from a pure jar. */
export const profile: FoodProfile = {
  id: 'paramecium',
  name: 'Paramecium',
  units: 'paramecia',
  family: 'logistic',
  lengthUm: 220,
  criticalWidthUm: 55,
  dryUg: 0.07,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  withWater: true,
  zone: 'suspended',
  nutrition: 0.6,
  nutritionSmall: 0.6,
  upToMm: 7,
  aliveInTankH: 999,
  aliveInSeaH: 0.2,
  captureShare: 0.6,
  floorPerMl: 10,
  protein: 0.5,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 400, of: 'a swarming jar' },
  tips: [
    { when: 'always', text: 'A clean pipette for each jar; it gathers at a torch, draw there.' },
  ],
  source: 'protozoology texts; mass: working estimate',
}
