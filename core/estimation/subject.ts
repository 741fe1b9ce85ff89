import type { Food, FoodMethod } from '../foods/contract'
import { startCulture, withoutUpkeep, type Culture, type CultureSetup } from '../foods/culture'
import { roomLogShifts } from '../foods/roomLogShifts'
import { SPREAD, type Parameter } from '../dynamics/parameter'
import type { RandomStream } from '../math/random'
import type { Priors } from '../stock/learned'
import type { Observation } from './observation'
import type { LeanBelief } from './observer'

/** A vessel to be read: what is fixed from its start. */
export interface Subject {
  food: Food
  method: FoodMethod
  setup: CultureSetup
  /** Temperature where none was read. */
  temperatureC: number
  seed: number
  priors?: Priors
  /** Draws parameters that hang together; `priors` must name them too, with their own spread. */
  draws?: (chance: RandomStream) => Record<string, number>
  /** False where what may befall it is left out: to learn of a room what its vessels have in common. */
  mishaps?: boolean
  /** Who looks at it, as far as he is known. */
  observer?: LeanBelief
  /** A number that is known of this very vessel, such as grams of cysts per litre. */
  known?: Readonly<Record<string, number>>
}

/** Log spread of a rate between rooms, before a room has taught anything: the book's is that of vessels in one room. */
export const ROOM_RATE_SD = 0.35
export const ROOM_FACTOR = 1.3

/** Log spread that is believed of a parameter in a room that has taught nothing yet, by what the book gives it. */
export const roomLogSd = ({ logSd, roomLogSd }: Pick<Parameter, 'logSd' | 'roomLogSd'>): number =>
  roomLogSd ?? (logSd === SPREAD.rate ? ROOM_RATE_SD : logSd * ROOM_FACTOR)

/** The food as this room knows it. */
function foodHere({ food, priors = {}, known = {} }: Subject): Food {
  const parameters = Object.fromEntries(
    Object.entries(food.parameters).map(([key, p]) => [key, { ...p, logSd: roomLogSd(p) }]),
  )
  for (const [key, prior] of Object.entries(priors))
    if (parameters[key]) parameters[key] = { ...parameters[key], logSd: prior.logSd }
  for (const key of Object.keys(known))
    if (parameters[key]) parameters[key] = { ...parameters[key], logSd: 0 }
  return { ...food, parameters }
}

/** Log shifts that are believed of parameters before anything was seen, against the book. */
function shiftsOf({ food, priors = {} }: Pick<Subject, 'food' | 'priors'>): Record<string, number> {
  const shifts = roomLogShifts(food)
  for (const [key, { logShift }] of Object.entries(priors)) shifts[key] = logShift
  return shifts
}

/** Starts copies of the vessel that differ by chance; what somebody writes down as done is not done by itself as well. */
export function starter(
  subject: Subject,
  observations: readonly Observation[],
): (chance: RandomStream | null) => Culture {
  const food = foodHere(subject)
  const factors: Record<string, number> = { ...subject.method.factors }
  for (const [key, shift] of Object.entries(shiftsOf(subject)))
    factors[key] = (factors[key] ?? 1) * Math.exp(shift)
  for (const key of Object.keys(subject.known ?? {})) delete factors[key]
  const method: FoodMethod = {
    ...subject.method,
    factors,
    sets: { ...subject.method.sets, ...subject.known },
  }
  const kinds = [
    ...new Set(observations.flatMap(o => (o.kind === 'action' ? [o.action.kind] : []))),
  ]
  return chance =>
    withoutUpkeep(
      startCulture(
        food,
        method,
        subject.setup,
        chance,
        chance ? subject.draws?.(chance) : undefined,
      ),
      kinds,
    )
}
