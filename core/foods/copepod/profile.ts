import type { FoodProfile } from '../contract'

/** A small cyclopoid of brackish and sea water, from nauplius to adult. */
export const profile: FoodProfile = {
  id: 'copepod',
  name: 'Copepods',
  units: 'copepods',
  family: 'consumer',
  lengthUm: 300,
  criticalWidthUm: 120,
  dryUg: 0.7,
  // A culture is of all sizes: the mass is that of the mixed catch, and only what is sieved is of one size.
  sizes: [
    { id: 'nauplius', name: 'nauplii, sieved', lengthUm: 120, widthUm: 70, dryUg: 0.7 },
    { id: 'mixed', name: 'mixed', lengthUm: 300, widthUm: 120, dryUg: 0.7 },
    { id: 'adult', name: 'adults, sieved', lengthUm: 600, widthUm: 200, dryUg: 0.7 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.9,
  nutritionSmall: 0.9,
  aliveInTankH: 0.5,
  aliveInSeaH: 999,
  captureShare: 0.5,
  floorPerMl: 1,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 5, of: 'culture at half of its limit' },
  tips: [
    {
      when: 'marine',
      text: 'Pour through 150 µm onto 60 µm: what the fine sieve keeps are the nauplii for the smallest mouths; the rest goes back.',
    },
    {
      when: 'marine',
      text: 'They live on in the tank and graze its algae: leave some for the night.',
    },
  ],
  source: 'Støttrup 2003; Drillet et al. 2011; mass of the mix: working estimate',
}
