import type { Act } from './decision'
import type { Usual } from './usual'

/** What a vessel of a food costs, in coins: a start, one usual feed, fresh medium at a renewal. */
export interface Price {
  start: number
  feed: number
  renew: number
}

/** Coins are of no country: a starter by post is about five (working estimates). */
export const PRICES: Readonly<Record<string, Price>> = {
  'infusoria': { start: 1, feed: 0.1, renew: 0.2 },
  'paramecium': { start: 5, feed: 0.1, renew: 0.3 },
  'vinegar-eel': { start: 5, feed: 0.2, renew: 1 },
  'microworm': { start: 4, feed: 0.1, renew: 0.4 },
  'walter-worm': { start: 4, feed: 0.1, renew: 0.4 },
  'banana-worm': { start: 4, feed: 0.1, renew: 0.4 },
  'grindal-worm': { start: 6, feed: 0.2, renew: 0.5 },
  'white-worm': { start: 6, feed: 0.2, renew: 0.5 },
  'blackworm': { start: 8, feed: 0.3, renew: 0.2 },
  'moina': { start: 5, feed: 0.1, renew: 0.2 },
  'daphnia-pulex': { start: 5, feed: 0.1, renew: 0.2 },
  'daphnia-magna': { start: 5, feed: 0.1, renew: 0.2 },
  'scud': { start: 6, feed: 0.2, renew: 0.3 },
  'rotifer': { start: 8, feed: 0.3, renew: 0.5 },
  'copepod': { start: 12, feed: 0.3, renew: 0.5 },
  'green-water': { start: 4, feed: 0.1, renew: 0.3 },
  'marine-phytoplankton': { start: 8, feed: 0.2, renew: 0.6 },
  'brine-shrimp': { start: 1, feed: 0, renew: 1 },
  'mosquito-larva': { start: 0.5, feed: 0, renew: 0.5 },
}
const NOTHING: Price = { start: 0, feed: 0, renew: 0 }

/** Coins together, to the hundredth: tenths add up to what they are. */
export const coinsOf = (spent: number, cost: number): number =>
  Math.round((spent + cost) * 100) / 100

/** What an act at a vessel costs, coins: who has a second one needs no new starter. */
export function costOf(
  { usual, spare }: { usual: Pick<Usual, 'food'>; spare: object | null },
  act: Act,
): number {
  const price = PRICES[usual.food.profile.id] ?? NOTHING
  if (act === 'feed') return price.feed
  if (act === 'renew') return price.renew
  if (act === 'start' || (act === 'give up' && spare === null)) return price.start
  return 0
}
