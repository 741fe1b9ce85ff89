import type { FoodProfile } from '../contract'

/** Enchytraeus buchholzi. */
export const profile: FoodProfile = {
  id: 'grindal-worm',
  name: 'Grindal worms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 8000,
  criticalWidthUm: 450,
  dryUg: 170,
  sizes: [],
  cutToGapeUm: null,
  worm: true,
  zone: 'bottom',
  nutrition: 0.8,
  nutritionSmall: 0.8,
  aliveInTankH: 48,
  aliveInSeaH: 1,
  captureShare: 0.5,
  floorPerMl: 0.002,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'worm', perUnit: 1, of: 'worms, picked or rinsed off the glass' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    { when: 'always', text: 'Fat food: a treat to grow on, not every meal.' },
  ],
  source: 'Lavens & Sorgeloos 1996 for length; mass: working estimate',
}
