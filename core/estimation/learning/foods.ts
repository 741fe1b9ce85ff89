import { roomLogSd } from '../subject'
import { FAMILIES } from '../../dynamics/index'
import { ROLES, type Role } from '../../dynamics/contract'
import type { Food } from '../../foods/contract'
import type { FoodLearned, LearnedValue, Prior } from '../../stock/learned'
import { roomLogShifts } from '../../foods/roomLogShifts'
import { asValue, pool } from './pool'
import { ROOM_SHARE } from './roomGrowth'
import type { VesselEvidence } from './vesselEvidence'

/** The book's share of failures counts like so many vessels (working estimate). */
const BOOK_VESSELS = 10

/** A parameter's role in a food: its name, and whether more of it is less of what it is named for. */
export const roleKey = (food: Food, role: Role): string | undefined =>
  FAMILIES[food.profile.family].roles[role]

const groupPrior = (mean: number, logSd: number) => ({
  mean,
  sd: logSd * Math.sqrt(ROOM_SHARE),
  within: logSd * Math.sqrt(1 - ROOM_SHARE),
})

/** One vessel for the tally of failures: how far it counts as failed, from 0 to 1; null while it is under way. */
export type Outcome = number | null

/** Share of vessels that fail: the book's as so many vessels, and those of the room; null where none is over. */
function failureLearned(food: Food, outcomes: readonly Outcome[]): LearnedValue | null {
  const known = outcomes.filter(o => o !== null)
  const book = food.parameters.failure?.median ?? 0
  if (known.length === 0 || book <= 0) return null
  const failed = known.reduce((a, b) => a + b, 0)
  const [a, b] = [BOOK_VESSELS * book + failed, BOOK_VESSELS * (1 - book) + known.length - failed]
  const value = a / (a + b)
  const sd = Math.sqrt((value * (1 - value)) / (a + b + 1))
  const low = Math.max(0, value - 1.2816 * sd)
  return { value, low, high: Math.min(1, value + 1.2816 * sd), from: known.length, book }
}

/**
 * What a room has taught about a food: its parameters by partial pooling towards the book, its failures by a beta-binomial.
 * @param read evidence of the vessels, against the book
 * @param growth shift of the logarithm of growth that the other foods of the room tell of
 */
export function learnFood(
  food: Food,
  read: readonly Pick<VesselEvidence, 'parameters'>[],
  outcomes: readonly Outcome[],
  growth = 0,
): FoodLearned {
  const priors: Record<string, Prior> = {}
  const values: Partial<Record<Role, LearnedValue>> = {}
  for (const role of ROLES) {
    const key = roleKey(food, role)
    const book = key ? food.parameters[key] : undefined
    const logSd = book ? roomLogSd(book) : 0
    if (!key || logSd <= 0) continue
    const evidence = read.flatMap(v => v.parameters[key] ?? [])
    const elsewhere = role === 'growth' ? growth : 0
    const common = elsewhere + (roomLogShifts(food)[key] ?? 0)
    if (evidence.length === 0) {
      if (elsewhere !== 0) priors[key] = { logShift: common, logSd }
      continue
    }
    const group = groupPrior(common, logSd)
    const pooled = pool(group, evidence)
    values[role] = asValue(
      pooled,
      evidence.reduce((n, e) => n + (e.from ?? 1), 0),
      1,
    )
    priors[key] = { logShift: pooled.mean, logSd: Math.hypot(pooled.sd, group.within) }
  }
  const failure = failureLearned(food, outcomes)
  if (failure) priors.failure = { logShift: Math.log(failure.value / failure.book), logSd: 0 }
  return {
    growth: values.growth ?? null,
    lag: values.lag ?? null,
    capacity: values.capacity ?? null,
    failure,
    priors,
  }
}
