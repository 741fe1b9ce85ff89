import type { Readiness } from '../dynamics/contract'
import type { Estimate } from './estimate'

/**
 * "Ready" is said from this chance on: who goes by it opens a vessel, and a rosy eye or a slow room
 * has it too early (bench "unlike").
 */
export const SAID_READY_FROM = 0.8
/**
 * The same while nobody has looked, or once: what is believed then is the book's, and the room may be unlike it.
 * Each look more takes this off.
 */
export const UNSEEN_READY_FROM = 0.9
export const LESS_PER_LOOK = 0.05

const readyFrom = (seen: number): number =>
  Math.max(SAID_READY_FROM, UNSEEN_READY_FROM - LESS_PER_LOOK * Math.max(0, seen - 1))

/** Where a vessel is said to stand: what most of the belief is in, "ready" only where that is well founded. */
export function saidStage({ readiness, moves }: Pick<Estimate, 'readiness' | 'moves'>): Readiness {
  const best = (Object.entries(readiness) as [Readiness, number][]).reduce((a, b) =>
    b[1] > a[1] ? b : a,
  )[0]
  // Sums of twentieths are not exact.
  if (best !== 'ready' || readiness.ready >= readyFrom(moves.length) - 1e-9) return best
  const { resting, building, tiring, failing, failed } = readiness
  return resting + building >= tiring + failing + failed ? 'building' : 'tiring'
}

/** Whether it is likelier ready than what it is said to be: a look would tell. */
export function perhapsReady(e: Pick<Estimate, 'readiness' | 'moves'>): boolean {
  return e.readiness.ready > e.readiness[saidStage(e)]
}
