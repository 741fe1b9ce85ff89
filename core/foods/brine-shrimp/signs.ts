import type { HarvestSign, SignWords } from '../contract'

/** What the concentrate looks like in the cup, against what the model expected of it. */
export const harvestSigns: readonly HarvestSign[] = [
  {
    id: 'good',
    name: 'Good',
    looks: 'a dense orange cloud, few brown cysts at the bottom',
    yieldShare: 1,
  },
  {
    id: 'thin',
    name: 'Thin',
    looks: 'pale, you can see through it, many brown cysts left',
    yieldShare: 0.5,
  },
  {
    id: 'failed',
    name: 'Failed',
    looks: 'brown cysts and shells, hardly anything swims',
    yieldShare: 0.05,
  },
]

export const signs: SignWords = {
  tint: ['grey-brown', 'brown with orange specks', 'orange-brown', 'orange'],
  movers: ['none', 'a few', 'many', 'swarming'],
  sediment: ['none', 'some shells', 'many cysts', 'all cysts lie there'],
  smell: ['none', 'stale', 'sour', 'rotten'],
  film: ['none', 'thin foam', 'pink-brown foam', 'thick foam'],
}
