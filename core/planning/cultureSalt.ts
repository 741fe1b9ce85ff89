import { mixSalinity } from '../foods/mixSalinity'
import type { Instant } from '../time/localDate'
import { gramsPerLitre, litres, type GramsPerLitre } from '../units/quantity'
import { gravityMend, saltFromGravity, type GravityMend } from '../water/gravity'
import type { Tended } from './amounts'

/** The salt of a vessel: what its card mixes, and what was read of it since its water was made up last. */
export interface CultureSalt {
  wantedGL: GramsPerLitre
  read: { at: Instant; sg: number; saltGL: GramsPerLitre; mend: GravityMend } | null
  /** True where something should be poured in. */
  off: boolean
}

/** Null where the card mixes no salt. */
export function cultureSalt({
  culture,
  method,
}: Pick<Tended, 'culture' | 'method'>): CultureSalt | null {
  const wantedGL = gramsPerLitre(mixSalinity(method))
  if (wantedGL <= 0) return null
  if (!culture.gravity) return { wantedGL, read: null, off: false }
  const saltGL = saltFromGravity(culture.gravity.sg)
  const mend = gravityMend(litres(culture.record.litres), saltGL, wantedGL)
  return { wantedGL, read: { ...culture.gravity, saltGL, mend }, off: mend.kind !== 'fits' }
}
