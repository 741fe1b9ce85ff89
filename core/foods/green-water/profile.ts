import type { FoodProfile } from '../contract'

/** Fresh-water microalgae: cover and grazing, food for what fry eat. */
export const profile: FoodProfile = {
  id: 'green-water',
  name: 'Green water',
  units: 'cells',
  family: 'phototroph',
  lengthUm: 6,
  criticalWidthUm: 5,
  dryUg: 2e-5,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  withWater: true,
  zone: 'suspended',
  nutrition: 0.3,
  nutritionSmall: 0.3,
  aliveInTankH: 999,
  aliveInSeaH: 0.2,
  captureShare: 0.6,
  floorPerMl: 100000,
  protein: 0.45,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 1000000, of: 'green culture' },
  tips: [
    {
      when: 'always',
      text: 'Fry mostly take the ciliates that live in it. It clears within a week or two when fast plants go in.',
    },
  ],
  source: 'phycology texts',
}
