import { SIGNS, type Sign } from '../dynamics/contract'
import type { RandomStream } from '../math/random'

/** How much stronger than it is somebody sees each sign, in grades. */
export type Lean = Readonly<Partial<Record<Sign, number>>>

/** What is believed of an observer, by sign: mean and standard deviation, grades. */
export type LeanBelief = Readonly<Partial<Record<Sign, { mean: number; sd: number }>>>

/** Signs of which more is a good sign: a hopeful eye sees more of them, and less of all others. */
const HOPEFUL: readonly Sign[] = ['movers', 'climbing', 'gathering', 'tint']
/** Spread of what an unknown observer adds to all signs, and to each by itself, grades (working estimate). */
export const MOOD_SD = 0.8
export const SIGN_SD = 0.3

/** Log spread by which the grades of an unknown observer may lie wider than people's usually do (working estimate). */
export const BLUR_SD = 0.5

/** How much wider somebody's grades may lie than people's usually do: 1 for a practised eye, never less. */
export const drawBlur = (chance: RandomStream): number =>
  Math.exp(Math.abs(chance.normal(0, BLUR_SD)))

/** A lean that an observer may have: as is known of him, else as anybody's. */
export function drawLean(chance: RandomStream, known: LeanBelief = {}): Lean {
  const mood = chance.normal(0, MOOD_SD)
  return Object.fromEntries(
    SIGNS.map(sign => {
      const own = chance.normal(0, 1)
      const { mean, sd } = known[sign] ?? {
        mean: HOPEFUL.includes(sign) ? mood : -mood,
        sd: SIGN_SD,
      }
      return [sign, mean + sd * own]
    }),
  )
}

/**
 * What the looks at a vessel taught of who looked, by sign.
 * @param leans of the courses of a vessel
 * @param w weights of the courses, summing to 1
 * @param signs those that were looked at
 */
export function leanOf(
  leans: readonly Lean[],
  w: ArrayLike<number>,
  signs: ReadonlySet<Sign>,
): LeanBelief {
  const belief: Partial<Record<Sign, { mean: number; sd: number }>> = {}
  for (const sign of SIGNS) {
    if (!signs.has(sign)) continue
    let mean = 0
    let square = 0
    leans.forEach((lean, i) => {
      const x = lean[sign] ?? 0
      mean += w[i]! * x
      square += w[i]! * x * x
    })
    belief[sign] = { mean, sd: Math.sqrt(Math.max(0, square - mean * mean)) }
  }
  return belief
}
