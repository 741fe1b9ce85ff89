import type { Readiness } from '../dynamics/contract'
import type { Estimate } from './estimate'

/** "Ready" is said from this chance on: who goes by it opens a vessel, and a rosy eye or a slow room has it too early (bench "unlike"). */
export const SAID_READY_FROM = 0.7
/** The same while nobody has looked: what is believed then is the book's, and the room may be unlike it. */
export const UNSEEN_READY_FROM = 0.9

/** Where a vessel is said to stand: what most of the belief is in, "ready" only where that is well founded. */
export function saidStage({ readiness, moves }: Pick<Estimate, 'readiness' | 'moves'>): Readiness {
  const best = (Object.entries(readiness) as [Readiness, number][]).reduce((a, b) =>
    b[1] > a[1] ? b : a,
  )[0]
  const from = moves.length > 0 ? SAID_READY_FROM : UNSEEN_READY_FROM
  if (best !== 'ready' || readiness.ready >= from) return best
  const { resting, building, tiring, failing, failed } = readiness
  return resting + building >= tiring + failing + failed ? 'building' : 'tiring'
}
