import { estimate } from '@renatus/core/estimation/estimate'
import type { ReplayMemory } from '@renatus/core/estimation/replay'
import { CASES } from '../../tests/core/estimation/figures'
import { sloppyCulture } from '../../tests/core/estimation/sloppy'

const WEEKS_8 = 56
/** Cultures of a large room. */
export const CULTURES = 80

/**
 * How long a reading takes: anew, the first of its family in a worker that has just begun and once more, and with what is
 * remembered of the one before.
 */
export function readingTimes(): string[] {
  const lines: string[] = []
  const time = (run: () => void) => {
    const from = performance.now()
    run()
    return performance.now() - from
  }
  for (const [food, method] of CASES) {
    const k = sloppyCulture(food, method, food === 'brine-shrimp' ? 3 : WEEKS_8, 4)
    const sixty = Array.from(
      { length: 60 },
      (_, i) => k.observations[Math.floor((i * k.observations.length) / 60)]!,
    )
    const anew = () => time(() => estimate(k.subject, sixty, k.atH, undefined, false))
    const [first, second] = [anew(), anew()]
    const { memory } = estimate(k.subject, sixty.slice(0, -1), k.atH, undefined, false)
    const one = time(() => estimate(k.subject, sixty, k.atH, memory, false))
    lines.push(
      `estimate ${food.padEnd(15)} 60 entries anew ${first.toFixed(0)} ms, then ${second.toFixed(0)} ms, one more entry ${one.toFixed(0)} ms`,
    )
  }
  return lines
}

/**
 * Seconds that a reader takes for its share of a large room, anew and with one more entry for each,
 * and how many entries those are.
 */
export function roomTimes(reader: number, of: number) {
  const mine = Array.from({ length: CULTURES }, (_, i) => i).filter(i => i % of === reader)
  const room = mine.map(i => {
    // Each reader has some of every food.
    const [food, method] = CASES[Math.floor(i / of) % CASES.length]!
    return sloppyCulture(food, method, food === 'brine-shrimp' ? 3 : WEEKS_8, 100 + i)
  })
  const memories: ReplayMemory[] = []
  const from = performance.now()
  for (const k of room)
    memories.push(estimate(k.subject, k.observations.slice(0, -1), k.atH, undefined, false).memory)
  const again = performance.now()
  room.forEach((k, i) => estimate(k.subject, k.observations, k.atH, memories[i], false))
  const entries = room.reduce((sum, k) => sum + k.observations.length, 0)
  return { entries, anewS: (again - from) / 1000, oneMoreS: (performance.now() - again) / 1000 }
}
