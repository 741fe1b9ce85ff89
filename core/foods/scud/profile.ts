import type { FoodProfile } from '../contract'

/** Fresh-water amphipods: grazers of the green-water tank, food for large fish. */
export const profile: FoodProfile = {
  id: 'scud',
  name: 'Scuds',
  units: 'scuds',
  family: 'logistic',
  lengthUm: 8000,
  criticalWidthUm: 2000,
  dryUg: 2000,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  zone: 'bottom',
  nutrition: 0.6,
  nutritionSmall: 0.6,
  aliveInTankH: 999,
  aliveInSeaH: 0.3,
  captureShare: 0.5,
  floorPerMl: 0.0005,
  protein: 0.45,
  uneatenShare: 0.15,
  portion: { unit: 'worm', perUnit: 1, of: 'scuds' },
  tips: [{ when: 'always', text: 'Hard-shelled: for fish that crush what they eat.' }],
  source: 'working estimate',
}
