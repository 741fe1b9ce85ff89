import type { FeedProfile } from './contract'

/** Decapsulated cysts fed as they are: rich, but they sink and do not move. */
export const decapsulatedCysts: FeedProfile = {
  id: 'decapsulated-cysts',
  name: 'Decapsulated cysts',
  units: 'cysts',
  lengthUm: 225,
  criticalWidthUm: 225,
  dryUg: 2.9,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  zone: 'bottom',
  nutrition: 0.5,
  nutritionSmall: 0.5,
  aliveInTankH: 12,
  aliveInSeaH: 12,
  captureShare: 0.5,
  floorPerMl: 0.5,
  protein: 0.5,
  uneatenShare: 0.25,
  portion: { unit: 'pinch', perUnit: 20000, of: 'wet cysts, a knife tip' },
  tips: [{ when: 'always', text: 'Never capsulated ones: shells block a gut.' }],
  source: 'Lavens & Sorgeloos 1996; mass: working estimate',
}
