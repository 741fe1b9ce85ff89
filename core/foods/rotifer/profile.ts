import type { FoodProfile } from '../contract'

/** Brachionus, the small and the large strain. */
export const profile: FoodProfile = {
  id: 'rotifer',
  name: 'Rotifers',
  units: 'rotifers',
  family: 'consumer',
  lengthUm: 239,
  criticalWidthUm: 170,
  dryUg: 0.33,
  sizes: [
    { id: 'small', name: 'small strain', lengthUm: 160, widthUm: 105, dryUg: 0.2 },
    { id: 'large', name: 'large strain', lengthUm: 239, widthUm: 170, dryUg: 0.33 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.9,
  nutritionSmall: 0.9,
  upToMm: 10,
  aliveInTankH: 1,
  aliveInSeaH: 999,
  captureShare: 0.6,
  floorPerMl: 5,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 150, of: 'culture at half of its limit' },
  tips: [
    {
      when: 'always',
      text: 'Rinse on a 40 to 60 µm sieve. Keep the larval tank faintly green so that they stay worth eating.',
    },
    { when: 'marine', text: 'Marine larvae need them in sight at all hours: 5 to 20 per mL.' },
  ],
  source: 'Lavens & Sorgeloos 1996',
}
