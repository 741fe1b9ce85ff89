import type { FoodProfile } from '../contract'

/** Daphnia pulex, from newborn to adult. */
export const profile: FoodProfile = {
  id: 'daphnia-pulex',
  name: 'Daphnia pulex',
  proper: true,
  units: 'daphnia',
  family: 'consumer',
  lengthUm: 2000,
  criticalWidthUm: 1200,
  dryUg: 30,
  sizes: [
    { id: 'newborn', name: 'newborn', lengthUm: 650, widthUm: 390, dryUg: 30 },
    { id: 'half-grown', name: 'half grown', lengthUm: 1200, widthUm: 720, dryUg: 30 },
    { id: 'adult', name: 'adult', lengthUm: 2000, widthUm: 1200, dryUg: 30 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.9,
  nutritionSmall: 0.9,
  aliveInTankH: 999,
  aliveInSeaH: 0.1,
  captureShare: 0.75,
  floorPerMl: 0.1,
  protein: 0.5,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 0.15, of: 'well stirred culture' },
  tips: [
    {
      when: 'always',
      text: 'It lives until it is eaten. Net, rinse, and tip in under water: air under the shell strands it at the surface.',
    },
  ],
  source: 'zooplankton length-mass regressions',
}
