import type { RandomStream } from '../math/random'
import type { ActionKind, AmountUnit, Sign } from '../records/vocabulary'

export { SIGNS, type ActionKind, type AmountUnit, type Sign } from '../records/vocabulary'

/**
 * What a model family is. One family drives the forecast on the shelf, the reading of looks, the plan, the practice room and the demo.
 * Pure and deterministic given parameters and a seeded stream. `step` and `act` change the state they are given, so that a million steps
 * allocate nothing; `copy` first where the old one is still wanted.
 */
export type FamilyId =
  'hatch' | 'succession' | 'logistic' | 'consumer' | 'phototroph' | 'stage-clock'

/** Where a population stands. */
export type Stage = 'lag' | 'exponential' | 'stationary' | 'decline' | 'crashed'
/** What that means for the person: not yet growing, growing, to be used, used up, going wrong, gone. */
export type Readiness = 'resting' | 'building' | 'ready' | 'tiring' | 'failing' | 'failed'
export const READINESS: readonly Readiness[] = [
  'resting',
  'building',
  'ready',
  'tiring',
  'failing',
  'failed',
]

/** Expected grade of a sign, and how far people's grades lie around it. */
export interface SignLook {
  grade: number
  sd: number
}
export type Look = Partial<Record<Sign, SignLook>>

/** How a vessel was started. Flags and amounts of a method come in `extra`, by the names its family knows. */
export interface Setup {
  volumeL: number
  depthCm: number
  widthCm: number
  /** Starter against the usual one: 1 is usual, 0.5 half of it. */
  starter: number
  matterGPerL: number
  extra: Readonly<Record<string, number>>
}

/** Surface of the vessel's contents, cm2: where worms live. */
export const areaCm2 = (s: Pick<Setup, 'volumeL' | 'depthCm'>) => (s.volumeL * 1000) / s.depthCm

export interface Environment {
  temperatureC: number
}

/** What somebody does to a vessel. Without an amount the family takes the usual one. */
export interface Action {
  kind: ActionKind
  amount?: number
  unit?: AmountUnit
}

export interface Stock {
  organisms: number
  dryMg: number
  perMl: number | null
  perCm2: number | null
}

/** What can go wrong in a vessel without anybody writing it down. Cold is not among them: it comes from outside. */
export const AILMENTS = ['starved', 'overfed', 'dense', 'contaminated', 'poisoned', 'old'] as const
export type Ailment = (typeof AILMENTS)[number]

/** Parts a parameter can play: what a room teaches about one of them holds for every culture of the food in it. */
export const ROLES = ['growth', 'lag', 'capacity'] as const
export type Role = (typeof ROLES)[number]

/** Mass accounts of a family that conserves it: `start + added = held + taken + lost`, in the unit named. */
export interface Balance {
  unit: string
  start: number
  added: number
  held: number
  taken: number
  lost: number
}

export interface Family<P, S> {
  id: FamilyId
  /** True where hazards need a stream of chance; without one the median course is run. */
  start(params: P, setup: Setup, chance: RandomStream | null): S
  /** Moves a state on by at most 6 h. */
  step(
    state: S,
    params: P,
    environment: Environment,
    hours: number,
    chance: RandomStream | null,
  ): void
  /** So many steps alike, one after another; where it is left out they are done one by one. */
  steps?(
    state: S,
    params: P,
    environment: Environment,
    hours: number,
    times: number,
    chance: RandomStream | null,
  ): void
  act(state: S, params: P, action: Action): void
  copy(state: S): S
  /** Scales what lives in it: keeps copies of one particle apart when a vessel is read. Accounts of mass do not follow. */
  nudge(state: S, factor: number): void
  look(state: S, params: P): Look
  stage(state: S, params: P): Stage
  readiness(state: S, params: P): Readiness
  stock(state: S, params: P): Stock
  /** Organisms that may be taken per day, from now on, so that they grow back. */
  surplusPerDay(state: S, params: P, environment: Environment): number
  /** A harvest now against one that is called good: 1 and above is good, 0.5 thin. */
  yieldRatio(state: S, params: P): number
  /** What one feed is when no amount is named; null where feeding does nothing. */
  usualFeed(params: P): { amount: number; unit: AmountUnit } | null
  /** Lets something go wrong in it; false where this family does not know it. Accounts of mass do not follow. */
  ail(state: S, params: P, ailment: Ailment): boolean
  /** The parameter that plays each part, where one does. */
  roles: Partial<Record<Role, keyof P & string>>
  /** Null where mass is not conserved by design. */
  balance(state: S, params: P): Balance | null
}

/** Share that an action names, from its amount and unit; `usual` when it names none. */
export function actionShare(action: Action, volumeL: number, usual: number): number {
  if (action.amount === undefined) return usual
  const share = action.unit === 'mL' ? action.amount / (volumeL * 1000) : action.amount
  return Math.min(1, Math.max(0, share))
}

/** Milligrams per litre that an action names. */
export function actionMgPerL(action: Action, volumeL: number, usual: number): number {
  if (action.amount === undefined) return usual
  return Math.max(0, action.unit === 'g' ? (action.amount * 1000) / volumeL : action.amount)
}
