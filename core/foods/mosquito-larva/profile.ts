import type { FoodProfile } from '../contract'

/** Culex larvae of the first three instars; nothing older leaves the bucket. */
export const profile: FoodProfile = {
  id: 'mosquito-larva',
  name: 'Mosquito larvae',
  units: 'larvae',
  family: 'stage-clock',
  lengthUm: 2700,
  criticalWidthUm: 450,
  dryUg: 65,
  sizes: [
    { id: 'instar-1', name: 'first instar', lengthUm: 1300, widthUm: 250, dryUg: 15 },
    { id: 'instar-2', name: 'second instar', lengthUm: 2700, widthUm: 450, dryUg: 65 },
    { id: 'instar-3', name: 'third instar', lengthUm: 4200, widthUm: 800, dryUg: 250 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'surface',
  nutrition: 0.8,
  nutritionSmall: 0.8,
  aliveInTankH: 999,
  aliveInSeaH: 0.5,
  captureShare: 0.75,
  floorPerMl: 0.02,
  protein: 0.55,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 0.2, of: 'bucket water, gathered' },
  tips: [
    {
      when: 'always',
      text: 'Only what is eaten within the hour, only where it is legal: nothing may hatch.',
    },
  ],
  source: 'development-rate literature incl. Rueda et al. 1990; mass: working estimate',
}
