import type { FoodProfile } from '../contract'

/** Enchytraeus albidus. */
export const profile: FoodProfile = {
  id: 'white-worm',
  name: 'White worms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 25000,
  criticalWidthUm: 850,
  dryUg: 1500,
  sizes: [],
  cutToGapeUm: null,
  worm: true,
  zone: 'bottom',
  nutrition: 0.8,
  nutritionSmall: 0.8,
  aliveInTankH: 36,
  aliveInSeaH: 24,
  captureShare: 0.5,
  floorPerMl: 0.001,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'worm', perUnit: 1, of: 'worms' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    { when: 'always', text: 'Fat food: twice a week, not every meal.' },
  ],
  source: 'Lavens & Sorgeloos 1996 for length; mass: working estimate',
}
