import type { FoodProfile } from '../contract'

/** Moina macrocopa and its like, from newborn to adult. */
export const profile: FoodProfile = {
  id: 'moina',
  name: 'Moina',
  proper: true,
  units: 'moina',
  family: 'consumer',
  lengthUm: 1000,
  criticalWidthUm: 620,
  dryUg: 5,
  sizes: [
    { id: 'newborn', name: 'newborn', lengthUm: 430, widthUm: 270, dryUg: 5 },
    { id: 'half-grown', name: 'half grown', lengthUm: 700, widthUm: 430, dryUg: 5 },
    { id: 'adult', name: 'adult', lengthUm: 1000, widthUm: 620, dryUg: 5 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.9,
  nutritionSmall: 0.9,
  aliveInTankH: 999,
  aliveInSeaH: 0.1,
  captureShare: 0.75,
  floorPerMl: 0.3,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 2, of: 'well stirred culture' },
  tips: [
    { when: 'always', text: 'It lives until it is eaten: leave some for the night.' },
    {
      when: 'always',
      text: 'Push it out of the pipette above the water; use a cup for each tank so that nothing crosses back.',
    },
  ],
  source: 'university extension sheets on Moina; mass: working estimate',
}
