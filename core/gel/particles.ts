import type { Guild } from '../fry/species/species'
import type { Milling } from '../records/vocabulary'
import type { Ingredient } from './ingredient'

/** How fry take a gel: whole crumbs that they swallow, or bites off the face of a piece. */
export const JOBS = ['pick', 'graze'] as const
export type Job = (typeof JOBS)[number]

export const jobOf = (guild: Guild): Job => (guild === 'grazer' ? 'graze' : 'pick')

/** Openings of laboratory sieves, um (ISO 3310-1, series R20/3); the kitchen's finest is about 500. */
export const SIEVES_UM = [
  45, 63, 90, 125, 180, 250, 355, 500, 710, 1000, 1400, 2000, 2800, 4000, 5600,
] as const
/** Grains are at most this share of the gape, so that none has to be spat out. */
export const GRAIN_OF_GAPE = 0.2
/** A crumb that is swallowed whole, as shares of the gape. */
export const CRUMB_OF_GAPE = [0.3, 0.7] as const

/** The coarsest sieve that lets nothing through that is wider; the finest there is, where even that is too coarse. */
export const sieveBelow = (um: number): number => SIEVES_UM.findLast(s => s <= um) ?? SIEVES_UM[0]

/** Sieve through which the dry mix must pass for a mouth. */
export const grainSieve = (gapeUm: number): number => sieveBelow(gapeUm * GRAIN_OF_GAPE)

export interface CrumbSize {
  throughUm: number
  overUm: number
}
/** Crumbs between two sieves, for mouths that swallow. */
export function crumbSize(gapeUm: number): CrumbSize {
  const throughUm = sieveBelow(gapeUm * CRUMB_OF_GAPE[1])
  return {
    throughUm,
    overUm: Math.min(throughUm, SIEVES_UM.find(s => s >= gapeUm * CRUMB_OF_GAPE[0]) ?? throughUm),
  }
}

/** What has to be done to an ingredient before it passes: nothing, mill and sieve, or blend and press through. */
export function millingFor(
  i: Pick<Ingredient, 'particleUm' | 'milling'>,
  sieveUm: number,
): Milling | 'fine enough' {
  if (i.particleUm === null) return 'dissolves'
  return i.particleUm <= sieveUm ? 'fine enough' : i.milling
}
