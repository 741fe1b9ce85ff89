import { chlorinePerMl, type Bleach } from './bleach'

/** Of a gram of cysts (Sorgeloos et al. 1977; Lavens & Sorgeloos 1996). */
const PER_GRAM = {
  activeChlorineG: 0.5,
  /** Bleach and water together, mL. */
  solutionMl: 14,
  hydrateMl: 12,
  dipMl: 10,
} as const
/** Of the dip that takes the chlorine out, g/L. */
const THIOSULPHATE_GL = 1
/** More at a time heats faster than ice cools at home, g. */
const MOST_CYSTS_G = 20
/** Stronger than this is no household bleach: for the trained, g of available chlorine in a mL. */
const HOUSEHOLD_MOST_GPERML = 0.16

/** Minutes in the bleach: when to begin to look, how long it usually takes, and when to stop whatever the colour. */
export const DECAPSULATION_MIN = { lookFrom: 3, usualFrom: 4, usualTo: 8, latest: 15 } as const
/** Warmth of the bath, °C: add ice from here, the limit, and what kills the lot. */
export const DECAPSULATION_C = { ice: 30, most: 35, kills: 40 } as const

/** What taking the shells off a gram of dry cysts uses up: chlorine and thiosulphate, g. */
export const USED_PER_GRAM = {
  activeChlorineG: PER_GRAM.activeChlorineG,
  thiosulphateG: (THIOSULPHATE_GL * PER_GRAM.dipMl) / 1000,
} as const

/** Amounts for taking the shells off with bleach; null where it is not to be done with this bottle. */
export interface Decapsulation {
  status: 'ok' | 'too-weak' | 'too-much' | 'refused'
  /** Wanted for these cysts, g. */
  activeChlorineG: number
  /** Of this bottle today. */
  gPerMl: number
  bleachMl: number | null
  waterMl: number | null
  hydrateMl: number | null
  thiosulphateG: number | null
  dipMl: number | null
}

function statusOf(cystsG: number, gPerMl: number): Decapsulation['status'] {
  if (gPerMl > HOUSEHOLD_MOST_GPERML) return 'refused'
  // More bleach than the whole solution may be.
  if (gPerMl < PER_GRAM.activeChlorineG / PER_GRAM.solutionMl) return 'too-weak'
  return cystsG > MOST_CYSTS_G ? 'too-much' : 'ok'
}

/**
 * Bleach, water, hydration and dip for so many grams of dry cysts.
 * @returns a status other than `ok` has no amounts: a weaker bottle does not fit into the solution, more cysts heat too fast
 */
export function decapsulation(cystsG: number, bleach: Bleach): Decapsulation {
  const gPerMl = chlorinePerMl(bleach)
  const activeChlorineG = PER_GRAM.activeChlorineG * cystsG
  const status = statusOf(cystsG, gPerMl)
  const none = { bleachMl: null, waterMl: null, hydrateMl: null, thiosulphateG: null, dipMl: null }
  if (status !== 'ok') return { status, activeChlorineG, gPerMl, ...none }
  const bleachMl = activeChlorineG / gPerMl
  const dipMl = PER_GRAM.dipMl * cystsG
  return {
    status,
    activeChlorineG,
    gPerMl,
    bleachMl,
    waterMl: PER_GRAM.solutionMl * cystsG - bleachMl,
    hydrateMl: PER_GRAM.hydrateMl * cystsG,
    thiosulphateG: (THIOSULPHATE_GL * dipMl) / 1000,
    dipMl,
  }
}
