import type { FoodProfile } from '../contract'

/** Turbatrix aceti, the harvest mix of a neck. */
export const profile: FoodProfile = {
  id: 'vinegar-eel',
  name: 'Vinegar eels',
  units: 'eels',
  family: 'logistic',
  lengthUm: 1200,
  criticalWidthUm: 28,
  dryUg: 0.15,
  sizes: [],
  cutToGapeUm: null,
  worm: true,
  zone: 'upper',
  nutrition: 0.6,
  nutritionSmall: 0.6,
  aliveInTankH: 120,
  aliveInSeaH: 24,
  captureShare: 0.6,
  floorPerMl: 1,
  protein: 0.5,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 1000, of: 'water drawn from the neck' },
  tips: [
    { when: 'always', text: 'Rinse off the vinegar: acid harms fry.' },
    { when: 'surface', text: 'They swim up and stay for days: right for mouths at the surface.' },
  ],
  source: 'Andrassy 1956 for mass; life in water: working estimate',
}
