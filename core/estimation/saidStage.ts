import type { Readiness } from '../dynamics/contract'

/** "Ready" is said from this chance on: who goes by it opens a vessel, and a rosy eye or a slow room has it too early (bench "unlike"). */
export const SAID_READY_FROM = 0.7

type Chances = Readonly<Record<Readiness, number>>

/** Where a vessel is said to stand: what most of the belief is in, "ready" only where that is well founded. */
export function saidStage(readiness: Chances): Readiness {
  const best = (Object.entries(readiness) as [Readiness, number][]).reduce((a, b) =>
    b[1] > a[1] ? b : a,
  )[0]
  if (best !== 'ready' || readiness.ready >= SAID_READY_FROM) return best
  const { resting, building, tiring, failing, failed } = readiness
  return resting + building >= tiring + failing + failed ? 'building' : 'tiring'
}
