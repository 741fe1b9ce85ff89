import type { EatenFood } from './problem'

/** What is dry and worth less than this to a mouth carries it over some days; it raises no fry (working estimate). */
const POOR_BELOW = 0.5

/**
 * Whether a food only carries a brood over until something better is there.
 * @param isDry it neither grows nor is hatched here
 */
export const onlyBridges = ({ worth }: Pick<EatenFood, 'worth'>, isDry: boolean): boolean =>
  isDry && worth < POOR_BELOW
