import type { FoodProfile } from '../contract'

/** Nannochloropsis, Tetraselmis and Isochrysis: food for rotifers, tint for larval tanks. */
export const profile: FoodProfile = {
  id: 'marine-phytoplankton',
  name: 'Marine phytoplankton',
  units: 'cells',
  family: 'phototroph',
  lengthUm: 3,
  criticalWidthUm: 3,
  dryUg: 6.1e-6,
  sizes: [
    { id: 'nannochloropsis', name: 'Nannochloropsis', lengthUm: 3, widthUm: 3, dryUg: 6.1e-6 },
    { id: 'isochrysis', name: 'Isochrysis', lengthUm: 5, widthUm: 4, dryUg: 3e-5 },
    { id: 'tetraselmis', name: 'Tetraselmis', lengthUm: 12, widthUm: 9, dryUg: 0.0002 },
  ],
  cutToGapeUm: null,
  worm: false,
  zone: 'suspended',
  nutrition: 0.3,
  nutritionSmall: 0.3,
  aliveInTankH: 2,
  aliveInSeaH: 999,
  captureShare: 0.6,
  floorPerMl: 100000,
  protein: 0.45,
  uneatenShare: 0.15,
  portion: { unit: 'mL', perUnit: 20000000, of: 'ripe culture' },
  tips: [
    {
      when: 'marine',
      text: 'Tint the larval tank: it feeds the rotifers there and shades the larvae.',
    },
  ],
  source: 'Brown 1991; Lavens & Sorgeloos 1996',
}
