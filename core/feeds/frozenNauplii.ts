import type { FeedProfile } from './contract'

/** Brine shrimp nauplii frozen in cubes: they feed nothing that waits for movement. */
export const frozenNauplii: FeedProfile = {
  id: 'frozen-nauplii',
  name: 'Frozen nauplii',
  units: 'nauplii',
  lengthUm: 486,
  criticalWidthUm: 180,
  dryUg: 2.1,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  zone: 'bottom',
  nutrition: 0.8,
  nutritionSmall: 0.8,
  aliveInTankH: 1.5,
  aliveInSeaH: 1.5,
  captureShare: 0.5,
  floorPerMl: 0.5,
  protein: 0.54,
  uneatenShare: 0.25,
  portion: { unit: 'cube', perUnit: 2000, of: 'a cube; the box says how many' },
  tips: [
    {
      when: 'always',
      text: 'Thaw in a sieve and rinse; into a gentle current, so that they move.',
    },
  ],
  source: 'working estimate',
}
