import { randomStream } from '../math/random'
import {
  LESS_IS_BETTER,
  USUAL_SPREAD,
  type Arm,
  type Hits,
  type Spread,
  type TrialMeasure,
  type TrialResult,
  type Valued,
} from './arms'
import { readLogs } from './readLogs'
import { readShares } from './readShares'

/** What a trial asked and its vessels showed. */
export type TrialData =
  | { measure: Exclude<TrialMeasure, 'share'>; arms: readonly Arm<Valued>[] }
  | { measure: 'share'; arms: readonly Arm<Hits>[] }

/**
 * What a trial says: means with intervals of 80 %, the chance of each arm to be best, each pair against each other.
 * @param spread what is known of like vessels in this room
 */
export function readTrial(
  data: TrialData,
  seed: number,
  spread: Spread = USUAL_SPREAD,
): TrialResult {
  const random = randomStream(seed)
  return data.measure === 'share'
    ? readShares(data.arms, random)
    : readLogs(data.arms, spread, LESS_IS_BETTER[data.measure], random)
}
