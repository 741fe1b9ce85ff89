import type { FoodProfile } from '../contract'

/** Daphnia magna, from newborn to adult. */
export const profile: FoodProfile = {
  id: 'daphnia-magna',
  name: 'Daphnia magna',
  proper: true,
  units: 'daphnia',
  family: 'consumer',
  lengthUm: 3300,
  criticalWidthUm: 2100,
  dryUg: 100,
  sizes: [
    { id: 'newborn', name: 'newborn', lengthUm: 900, widthUm: 560, dryUg: 100 },
    { id: 'half-grown', name: 'half grown', lengthUm: 2000, widthUm: 1200, dryUg: 100 },
    { id: 'adult', name: 'adult', lengthUm: 3300, widthUm: 2100, dryUg: 100 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.9,
  nutritionSmall: 0.9,
  aliveInTankH: 999,
  aliveInSeaH: 0.1,
  captureShare: 0.75,
  floorPerMl: 0.05,
  protein: 0.5,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 0.04, of: 'well stirred culture' },
  tips: [{ when: 'always', text: 'It lives until it is eaten. Sieve for the size that fits.' }],
  source: 'ecotoxicology texts; zooplankton length-mass regressions',
}
