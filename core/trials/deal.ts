import type { RandomStream } from '../math/random'

/** One vessel of a trial before it is set up. */
export interface Dealt {
  armId: string
  /** A number on its tape: it does not tell the arm. */
  number: number
  /** Which of the spots it gets. */
  spot: number
}

function shuffled<T>(items: readonly T[], random: RandomStream): T[] {
  const out = [...items]
  for (let i = out.length - 1; i > 0; i--) {
    const j = random.integer(0, i)
    ;[out[i], out[j]] = [out[j]!, out[i]!]
  }
  return out
}

/**
 * Deals vessels to spots at random, in blocks: of every round of arms one stands beside the others, so that the warm end of a
 * rack favours nobody (randomized blocks, Fisher 1926). Numbers are dealt over all of them.
 * @param each vessels of an arm
 * @param spots places there are, filled one after the other and again from the first
 */
export function deal(
  armIds: readonly string[],
  each: number,
  spots: number,
  random: RandomStream,
): Dealt[] {
  const count = armIds.length * each
  const numbers = shuffled(
    Array.from({ length: count }, (_, i) => i + 1),
    random,
  )
  const perSpot = Math.ceil(count / Math.max(1, spots))
  const inOrder = Array.from({ length: each }, () => shuffled(armIds, random)).flat()
  return inOrder
    .map((armId, i) => ({ armId, number: numbers[i]!, spot: Math.floor(i / perSpot) }))
    .sort((a, b) => a.number - b.number)
}
