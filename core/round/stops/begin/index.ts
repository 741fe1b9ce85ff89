import type { StopKind } from '../../stopKind'
import { beginDone, beginGiven, type BeginGiven } from './answer'
import { findBegins, type BeginStop } from './find'
import { beginWords } from './words'

const PER_STEP = 3
/** A second vessel of the same takes half the time. */
const NEXT_VESSEL = 0.5

/** Starting vessels of one food, by the steps of its card (working estimate of a practised person). */
export const beginMinutes = (steps: number, vessels: number): number =>
  Math.round(PER_STEP * (steps + 1) * (1 + NEXT_VESSEL * (vessels - 1)))

export const beginStops: StopKind<BeginStop, BeginGiven> = {
  kind: 'begin',
  find: findBegins,
  minutes: s => beginMinutes(s.steps, s.start.left),
  rank: s => ({ station: 'cultures', hygiene: s.hygiene }),
  words: beginWords,
  given: beginGiven,
  done: beginDone,
}
