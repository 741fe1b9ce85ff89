import type { FoodProfile } from '../contract'

/** Wild ciliates and flagellates of a clear, ripe jar. */
export const profile: FoodProfile = {
  id: 'infusoria',
  name: 'Infusoria',
  units: 'ciliates',
  family: 'succession',
  lengthUm: 60,
  criticalWidthUm: 30,
  dryUg: 0.008,
  sizes: [],
  cutToGapeUm: null,
  worm: false,
  withWater: true,
  zone: 'suspended',
  nutrition: 0.6,
  nutritionSmall: 0.6,
  upToMm: 7,
  aliveInTankH: 999,
  aliveInSeaH: 0.2,
  captureShare: 0.6,
  floorPerMl: 10,
  protein: 0.5,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 1000, of: 'a clear jar with drifting specks' },
  tips: [
    {
      when: 'always',
      text: 'Draw from the clear middle, never the sediment, and only once the jar has cleared: milky water harms fry.',
    },
    { when: 'always', text: 'It lives on in the tank: several small helpings beat one large one.' },
  ],
  source: 'cell volumes, working estimate; density of a ripe jar: working estimate',
}
