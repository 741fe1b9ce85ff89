import type { Food, HarvestSign, SignWords } from './contract'

/** Signs of water fleas. How a harvest looks in the cup. */
export const harvestSigns: readonly HarvestSign[] = [
  { id: 'good', name: 'Good', looks: 'a dense, hopping cloud', yieldShare: 1 },
  { id: 'thin', name: 'Thin', looks: 'you can count them', yieldShare: 0.5 },
  { id: 'failed', name: 'Failed', looks: 'few, pale, at the surface', yieldShare: 0.05 },
]

/** Words for the grades of each sign, from 0 up. */
export const signs: SignWords = {
  movers: ['none', 'a few', 'many', 'swarming'],
  cloudiness: ['clear', 'hazy', 'milky', 'opaque'],
  sediment: ['none', 'a film', 'a layer', 'thick'],
  gathering: ['even', 'in patches', 'at walls and edges', 'at the surface'],
  smell: ['none', 'earthy', 'sour', 'rotten'],
  // Pink to red is haemoglobin: little oxygen, a crowded and well-fed vessel, or a red strain.
  tint: ['pale, gut clear', 'straw', 'pink', 'red'],
}

/** Strains by their colour: a red one is red whatever its water is like. */
export const CLADOCERAN_KINDS: Food['kinds'] = [
  { id: 'usual', name: 'usual colour', parameters: {} },
  { id: 'red', name: 'red strain', parameters: { red: 1.5 } },
]
