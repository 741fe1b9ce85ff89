import type { FoodProfile } from '../contract'

/** Lumbriculus variegatus. */
export const profile: FoodProfile = {
  id: 'blackworm',
  name: 'Blackworms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 30000,
  criticalWidthUm: 1000,
  dryUg: 900,
  sizes: [
    { id: 'chopped', name: 'chopped', lengthUm: 6000, widthUm: 900, dryUg: 150 },
    { id: 'whole', name: 'whole', lengthUm: 40000, widthUm: 1200, dryUg: 1300 },
  ],
  cutToGapeUm: null,
  worm: true,
  zone: 'bottom',
  nutrition: 0.8,
  nutritionSmall: 0.8,
  aliveInTankH: 999,
  aliveInSeaH: 0.2,
  captureShare: 0.5,
  floorPerMl: 0.001,
  protein: 0.6,
  uneatenShare: 0.15,
  portion: { unit: 'worm', perUnit: 1, of: 'worms, rinsed' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    { when: 'always', text: 'Chop for small fish; what burrows away lives on in the gravel.' },
  ],
  source: 'ecotoxicology guidance; mass: working estimate',
}
