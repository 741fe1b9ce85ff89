import type { FoodProfile } from '../contract'

/** Panagrellus of a size between banana worm and microworm. */
export const profile: FoodProfile = {
  id: 'walter-worm',
  name: 'Walter worms',
  units: 'worms',
  family: 'logistic',
  lengthUm: 800,
  criticalWidthUm: 38,
  dryUg: 0.18,
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
  portion: { unit: 'wipe', perUnit: 14000, of: 'a finger along a hand of climbing wall' },
  tips: [
    {
      when: 'always',
      text: 'Rinse before it goes in: nothing of the culture medium belongs in the tank.',
    },
    { when: 'always', text: 'They sink slowly: some stay in reach of midwater fry for a while.' },
  ],
  source: 'nematology texts, working estimate',
}
