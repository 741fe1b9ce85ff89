import type { OwnSpecies } from '../records/records'

/** A fish as the fry models see it. Lengths are total lengths of well-fed fish; day 0 is free swimming. */
export interface Species {
  id: string
  name: string
  latin: string | null
  /** Length at first feeding, mm. */
  firstFeedingMm: number
  /** Full gape over length. */
  gapePerLength: number
  length14Mm: number
  length30Mm: number
  adultMm: number
  /** Temperature the growth above belongs to, and the span of the species, degC. */
  referenceC: number
  rangeC: readonly [lo: number, hi: number]
  /** Factor on wet mass for tall or slender bodies. */
  shape: number
  /** True where the fry live in salt water: nauplii stay alive there until they are eaten. */
  marine: boolean
  source: string
}

const ESTIMATE = 'working estimate'
const fish = (
  id: string, name: string, latin: string | null, [firstFeedingMm, gapePerLength, length14Mm, length30Mm, adultMm]: readonly [number, number, number, number, number],
  referenceC: number, source: string, more: Partial<Species> = {},
): Species => ({
  id, name, latin, firstFeedingMm, gapePerLength, length14Mm, length30Mm, adultMm, referenceC,
  rangeC: [referenceC - 5, referenceC + 4], shape: 1, marine: false, source, ...more,
})

/** A short catalogue. Timing and first length follow husbandry literature where named; gape and growth are working estimates. */
export const SPECIES: readonly Species[] = [
  fish('small', 'Small fry, any', null, [3.0, 0.055, 5.6, 9.5, 35], 26, 'generic class'),
  fish('medium', 'Medium fry, any', null, [4.0, 0.065, 6.8, 11.5, 45], 26, 'generic class'),
  fish('large', 'Large fry, any', null, [6.0, 0.10, 10, 16, 65], 26, 'generic class'),
  fish('very-large', 'Very large fry, any', null, [9.0, 0.10, 13.5, 20, 90], 26, 'generic class'),
  fish('scarlet-badis', 'Scarlet badis', 'Dario dario', [2.9, 0.052, 5.0, 8, 20], 24, ESTIMATE),
  fish('medaka', 'Medaka', 'Oryzias latipes', [4.7, 0.060, 7.2, 12, 34], 26, 'medaka husbandry literature; growth and gape: working estimate'),
  fish('pygmy-sunfish', 'Everglades pygmy sunfish', 'Elassoma evergladei', [3.2, 0.062, 5.5, 9, 30], 22, ESTIMATE),
  fish('peacock-gudgeon', 'Peacock gudgeon', 'Tateurndina ocellicauda', [4.6, 0.072, 7.5, 12, 65], 26, ESTIMATE),
  fish('zebrafish', 'Zebrafish', 'Danio rerio', [3.8, 0.066, 6.8, 12, 38], 28.5, 'zebrafish husbandry literature; growth and gape: working estimate'),
  fish('angelfish', 'Freshwater angelfish', 'Pterophyllum scalare', [4.9, 0.092, 9, 17, 150], 28, 'larviculture literature; growth and gape: working estimate'),
  fish('betta', 'Betta', 'Betta splendens', [3.7, 0.076, 6.5, 11.5, 60], 27.5, 'larviculture literature; growth and gape: working estimate'),
  fish('cory', 'Bronze or peppered cory', 'Corydoras aeneus, C. paleatus', [6.0, 0.072, 10, 16, 62], 25, ESTIMATE, { shape: 1.2 }),
  fish('guppy', 'Guppy', 'Poecilia reticulata', [7.0, 0.074, 11, 17, 45], 25, 'live-bearer literature; growth and gape: working estimate'),
  fish('killifish', 'Non-annual killifish', 'Aphyosemion, Fundulopanchax', [5.0, 0.080, 8, 13, 55], 23, ESTIMATE),
  fish('clownfish', 'Clownfish', 'Amphiprion ocellaris', [4.2, 0.083, 8.5, 14, 85], 27, 'clownfish larviculture literature; growth and gape: working estimate', { marine: true }),
]

/** The catalogue's entry, or the user's own values as one; null for an id nobody knows. */
export function speciesOf(brood: { speciesId: string, own: OwnSpecies | null }): Species | null {
  if (brood.own) {
    const { name, referenceC, ...values } = brood.own
    return { id: brood.speciesId, name, latin: null, ...values, referenceC, rangeC: [referenceC - 5, referenceC + 4], shape: 1, marine: false, source: 'your own values' }
  }
  return SPECIES.find(s => s.id === brood.speciesId) ?? null
}
