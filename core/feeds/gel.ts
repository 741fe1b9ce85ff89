import type { FeedProfile } from './contract'

/** Gel diet, minced or cut to the mouth. */
export const gel: FeedProfile = {
  id: 'gel',
  name: 'Gel food',
  units: 'crumbs',
  lengthUm: 600,
  criticalWidthUm: 600,
  dryUg: 40,
  sizes: [],
  cutToGapeUm: [300, 6000],
  worm: false,
  lasting: true,
  zone: 'bottom',
  nutrition: 0.8,
  nutritionSmall: 0.4,
  aliveInTankH: 24,
  aliveInSeaH: 24,
  captureShare: 0.75,
  floorPerMl: 0,
  protein: 0.45,
  uneatenShare: 0.25,
  portion: { unit: 'cube', perUnit: 400, of: 'gel of 5 mm, minced' },
  tips: [
    { when: 'always', text: 'A grazing meal: siphon what is left after a day, sooner when warm.' },
  ],
  source: 'food-gel practice, working estimate',
}
