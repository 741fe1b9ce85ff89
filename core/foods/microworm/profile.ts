import type { FoodProfile } from '../contract'

/** Panagrellus redivivus, wiped from the wall. */
export const profile: FoodProfile = {
  id: 'microworm',
  name: 'Microworms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 900,
  criticalWidthUm: 45,
  dryUg: 0.28,
  sizes: [
    { id: 'juvenile', name: 'juvenile', lengthUm: 280, widthUm: 16, dryUg: 0.011 },
    { id: 'mix', name: '', lengthUm: 900, widthUm: 45, dryUg: 0.28 },
  ],
  cutToGapeUm: null,
  worm: true,
  zone: 'bottom',
  nutrition: 0.7,
  nutritionSmall: 0.7,
  aliveInTankH: 16,
  aliveInSeaH: 12,
  captureShare: 0.5,
  floorPerMl: 1,
  protein: 0.48,
  uneatenShare: 0.15,
  portion: { unit: 'wipe', perUnit: 12000, of: 'a finger along a hand of climbing wall' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    {
      when: 'always',
      text: 'They sink in minutes: put them where the fry feed, filter off for half an hour.',
    },
  ],
  source: 'nematology texts; Andrassy 1956',
}
