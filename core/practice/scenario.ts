import type { Ailment } from '../dynamics/contract'
import type { Observation } from '../estimation/observation'

/** Lengths of an exercise, and exercises of the hand. */
export const EXERCISE_KINDS = ['look', 'jar', 'brood', 'season', 'hands'] as const
export type ExerciseKind = (typeof EXERCISE_KINDS)[number]

interface Base {
  id: string
  name: string
  foods: readonly string[]
  /** What is to be reached, and what it teaches, in words. */
  goal: string
  teaches: string
}

/** A vessel of an exercise; a food's usual vessel where nothing else is said. */
export interface VesselPlan {
  foodId: string
  methodId: string
  litres?: number
  temperatureC: number
  /** It stands from the first day on; false: the learner starts it when it seems right. */
  stands: boolean
  /** What it was before the first day: so old, and this was seen of it and done to it; from its start on where nothing is said. */
  before?: { ageD: number; seen: readonly Observation[] }
  /** Days of the mouths' life in which they can swallow what grows in it. */
  suits?: readonly [from: number, to: number]
}

/** Mouths that live off the vessels. */
export interface Mouths {
  /** First day of feeding; null: when the first vessel is usually ready. */
  from: number | null
  /** They swim free so many days earlier or later than was thought, as a standard deviation. */
  spreadDays: number
  /** What they want a day, as a share of what such a vessel usually gives. */
  wants: number
  /** By how much that grows a day. */
  growth: number
}

/** The tank of the mouths, where what they are fed fouls it. */
export interface FryTankPlan {
  litres: number
  pH: number
  temperatureC: number
  filter: boolean
}

/** Something that the learner is not told. */
export interface Befalls {
  /** Between these days, and with this chance. */
  between: readonly [from: number, to: number]
  chance: number
  /** Which vessel; null: all of them. */
  vessel: number | null
  what: Ailment | { warmerC: number; days: number }
}

/** What there is to spend: minutes of each day, and coins in all. What does not fit into them is not done. */
export interface Budget {
  minutes: number
  coins: number
}

export interface VesselScenario extends Base {
  kind: 'jar' | 'brood' | 'season'
  days: number
  /** Where nothing is said, minutes and coins are only counted. */
  budget?: Budget
  vessels: readonly VesselPlan[]
  /** Null: what counts is that they live. */
  mouths: Mouths | null
  /** Where nothing is said, the water of the mouths is no matter of the exercise. */
  tank?: FryTankPlan
  befalls: readonly Befalls[]
  /** Weight of what lives at the end against what was fed, 0 to 1. */
  keeps: number
}

/** A series of single looks. */
export interface LookScenario extends Base {
  kind: 'look'
  looks: number
  vessels: readonly Omit<VesselPlan, 'stands'>[]
  /** Days after the start between which somebody looks, and the chance that something has gone wrong by then. */
  between: readonly [from: number, to: number]
  troubled: number
}

/** Something to be measured or reckoned by hand, with known truth. */
export interface HandScenario extends Base {
  kind: 'hands'
  hand: 'drops' | 'salt' | 'tray'
  rounds: number
}

export type Scenario = VesselScenario | LookScenario | HandScenario
