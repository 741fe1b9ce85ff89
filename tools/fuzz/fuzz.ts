import { randomStream } from '@renatus/core/math/random'
import type { Target } from './target'

/** One that takes longer than this is a fault, ms: the page would stand. */
const SLOW_MS = 5000

interface Fault {
  target: string
  /** With it the same input comes again. */
  seed: number
  what: string
  input: string
}
export interface FuzzResult {
  target: string
  tried: number
  taken: number
  refused: number
  faults: Fault[]
}

async function tryOnce(target: Target, seed: number): Promise<{ taken: boolean; fault?: Fault }> {
  const begun = performance.now()
  const fault = (what: string, input: string): Fault => ({ target: target.name, seed, what, input })
  try {
    const { outcome, fault: what, input } = await target.try(randomStream(seed))
    const slow = performance.now() - begun > SLOW_MS ? 'slow' : null
    const wrong = what ?? slow
    return { taken: outcome === 'taken', ...(wrong ? { fault: fault(wrong, input) } : {}) }
  } catch (error) {
    const said = error instanceof Error ? (error.stack ?? error.message) : String(error)
    return { taken: false, fault: fault(`thrown: ${said.split('\n').slice(0, 4).join(' | ')}`, '') }
  }
}

/**
 * Gives a target mutated inputs until `more` says no.
 * @param first seed of the first; the following count up
 */
export async function fuzz(
  target: Target,
  first: number,
  more: (tried: number) => boolean,
): Promise<FuzzResult> {
  const result: FuzzResult = { target: target.name, tried: 0, taken: 0, refused: 0, faults: [] }
  while (more(result.tried)) {
    const { taken, fault } = await tryOnce(target, first + result.tried)
    result.tried++
    if (taken) result.taken++
    else result.refused++
    if (fault) result.faults.push(fault)
  }
  return result
}
