import type { FoodProfile } from '../contract'

/** A small Panagrellus kept on banana or oats, smaller than the microworm. */
export const profile: FoodProfile = {
  id: 'banana-worm',
  name: 'Banana worms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 700,
  criticalWidthUm: 32,
  dryUg: 0.11,
  sizes: [],
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
  portion: { unit: 'wipe', perUnit: 16000, of: 'a finger along a hand of climbing wall' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    { when: 'always', text: 'They sink more slowly than microworms.' },
  ],
  source: 'nematology texts, working estimate',
}
