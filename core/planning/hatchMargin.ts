import { probit } from 'simple-statistics'

/** A nauplius that lacks costs as much as so many that are over (working estimate: cysts are cheap, hunger is not). */
const HUNGER_PRICE = 20
/** Log spreads of what a gram hatches, of what is counted on for the fry, and of their appetite (working estimates). */
const SPREADS = { hatch: 0.15, count: 0.15, appetite: 0.2 } as const
/** No vessel of a litre or more is set up for less, g. */
const LEAST_G = 0.5
const LEAST_FROM_L = 1

const spread = Math.hypot(...Object.values(SPREADS))

/**
 * So many times the nauplii that are needed are hatched: the newsvendor's quantile of what may be needed for each that hatches
 * (Arrow, Harris & Marschak 1951).
 */
export const HATCH_MARGIN = Math.exp(probit(HUNGER_PRICE / (HUNGER_PRICE + 1)) * spread)

/** Fewest cysts for a vessel, g. */
export const leastCysts = (litres: number): number => (litres >= LEAST_FROM_L ? LEAST_G : 0)
