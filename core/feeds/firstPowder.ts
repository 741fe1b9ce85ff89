import type { FeedProfile } from './contract'

/** Powder feed ground for small mouths: a bridge, not a living food. */
export const firstPowder: FeedProfile = {
  id: 'first-powder',
  name: 'First powder food',
  units: 'grains',
  lengthUm: 100,
  criticalWidthUm: 100,
  dryUg: 0.4,
  sizes: [],
  cutToGapeUm: [50, 800],
  worm: false,
  zone: 'surface',
  nutrition: 0.8,
  nutritionSmall: 0.4,
  aliveInTankH: 2,
  aliveInSeaH: 2,
  captureShare: 0.5,
  floorPerMl: 0,
  protein: 0.48,
  uneatenShare: 0.25,
  portion: { unit: 'pinch', perUnit: 60000, of: 'powder, what stays on the tip of a knife' },
  tips: [
    {
      when: 'always',
      text: 'Dust it on in many small pinches, and siphon what sank two hours later: left-overs foul the tank.',
    },
  ],
  source: 'larviculture practice, working estimate',
}
