import type { Grams, GramsPerLitre, Litres } from '../units/quantity'
import { grams, gramsPerLitre, litres } from '../units/quantity'
import { SG_PER_GL } from './salinity'

/** As far as this from what the card mixes nothing is mended, g/L: a hydrometer is no surer. */
export const GRAVITY_FITS_GL = 2

/** More fresh water than this share of a vessel it has no room for, nor its animals. */
const MOST_ADDED = 0.2

/**
 * What brings a vessel back to its salinity: fresh water for what has evaporated, some of its water taken out for as much fresh, or salt
 * for what was topped up too freely.
 */
export type GravityMend =
  { kind: 'fits' } | { kind: 'fresh' | 'exchange'; litres: Litres } | { kind: 'salt'; grams: Grams }

/** Salt in water of a specific gravity (25/25 C), g/L; sea salt unless another is said. */
export const saltFromGravity = (
  sg: number,
  kind: keyof typeof SG_PER_GL = 'sea-mix',
): GramsPerLitre => gramsPerLitre((sg - 1) / SG_PER_GL[kind])

/**
 * @param volumeL what is in the vessel
 * @param readGL what its gravity says @param wantedGL what the card mixes
 */
export function gravityMend(
  volumeL: Litres,
  readGL: GramsPerLitre,
  wantedGL: GramsPerLitre,
): GravityMend {
  const over = readGL - wantedGL
  if (Math.abs(over) <= GRAVITY_FITS_GL) return { kind: 'fits' }
  if (over > MOST_ADDED * wantedGL)
    return { kind: 'exchange', litres: litres((volumeL * over) / readGL) }
  if (over > 0) return { kind: 'fresh', litres: litres((volumeL * over) / wantedGL) }
  return { kind: 'salt', grams: grams(volumeL * -over) }
}
