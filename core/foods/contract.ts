import type { FeedProfile } from '../feeds/contract'

/**
 * What a food is: one folder with the same files (profile, parameters, methods, signs, index).
 * Shared code reads these definitions; nothing outside a food's folder asks which food it is.
 */
export interface FoodProfile extends FeedProfile {
  /** The model family in core/dynamics that drives it. */
  family: 'hatch' | 'succession' | 'logistic' | 'consumer' | 'phototroph' | 'stage-clock'
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
