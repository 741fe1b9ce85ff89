/**
 * What a food is: one folder with the same files (profile, parameters, methods, signs, index).
 * Shared code reads these definitions; nothing outside a food's folder asks which food it is.
 */
export interface FoodProfile {
  id: string
  name: string
  /** The model family in core/dynamics that drives it. */
  family: 'hatch'
  lengthUm: number
  /** Width that decides whether a mouth takes it, um. */
  criticalWidthUm: number
  /** Dry mass of one animal as fed fresh, ug. */
  dryUg: number
  zone: 'surface' | 'column' | 'bottom' | 'suspended'
  /** Hours half of it stays alive in a fresh-water tank. */
  aliveInTankH: number
  /** Share of what is offered that fry catch before it is lost. */
  captureShare: number
  /** Prey per mL that fry need to find it. */
  floorPerMl: number
  source: string
}

export interface Caution { id: string, text: string }

export interface MethodStep {
  text: string
  /** A wait that starts when the step is done, minutes. */
  clockMinutes?: number
  cautions?: readonly Caution[]
}

export interface FoodMethod {
  id: string
  name: string
  /** What this school does differently, in one sentence. */
  about: string
  materials: readonly string[]
  start: readonly MethodStep[]
  harvest: readonly MethodStep[]
}

/** A grade of what is seen, with what it means for the yield. */
export interface HarvestSign { id: string, name: string, looks: string, yieldShare: number }

export interface Food {
  profile: FoodProfile
  methods: readonly FoodMethod[]
  harvestSigns: readonly HarvestSign[]
}
