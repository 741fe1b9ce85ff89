import { ROOM_RATE_SD } from '../subject'
import { pool, type Evidence } from './pool'

/** Share of the doubt about a rate that rooms differ by; the rest is that vessels of one room differ. */
export const ROOM_SHARE = 0.5
/** Share of what rooms differ by that all foods of a room have in common: warmth, water, keeper (working estimate). */
const COMMON_SHARE = 0.5
/** Steps of the logarithm in which it is handed on: one look seldom moves what is believed of all others. */
const STEP = 0.05

/** What the vessels of one food say of how fast it grows here, against the book. */
export interface GrowthEvidence {
  food: string
  vessels: readonly Evidence[]
}

/** A food by itself: the mean of its vessels, and how firmly they speak together. */
function ofFood(vessels: readonly Evidence[]): Evidence {
  const within = ROOM_RATE_SD ** 2 * (1 - ROOM_SHARE)
  const weights = vessels.map(v => 1 / (within + 1 / v.precision))
  const precision = weights.reduce((a, b) => a + b, 0)
  return { mean: vessels.reduce((s, v, i) => s + v.mean * weights[i]!, 0) / precision, precision }
}

/** Where the logarithm of growth lies against the book for all foods of a room, and how many foods told it. */
export interface RoomGrowth {
  mean: number
  sd: number
  from: number
}

/**
 * Growth of all foods of a room against the book, as its foods tell: partial pooling towards 0 over foods
 * (Gelman & Hill 2007, ch. 12).
 * @param besides a food that is left out: what it says itself is weighed with its own vessels
 */
export function roomGrowth(foods: readonly GrowthEvidence[], besides?: string): RoomGrowth {
  const told = foods.filter(f => f.food !== besides && f.vessels.length > 0)
  const rooms = ROOM_RATE_SD * Math.sqrt(ROOM_SHARE)
  const common = {
    mean: 0,
    sd: rooms * Math.sqrt(COMMON_SHARE),
    within: rooms * Math.sqrt(1 - COMMON_SHARE),
  }
  const pooled = pool(
    common,
    told.map(f => ofFood(f.vessels)),
  )
  return { ...pooled, from: told.length }
}

/** The shift of growth that is believed of a food before its own vessels speak. Never the negative zero. */
export const handedOn = ({ mean }: RoomGrowth): number => Math.round(mean / STEP) * STEP + 0
