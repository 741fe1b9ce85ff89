import { playFutures, type Cover, type Fates } from './futures'
import type { PlanProblem, PlanSolution, StartOn } from './problem'

/** What the last vessel of a start is worth to the brood-day that hangs on it most. */
export interface StartWorth {
  brood: string
  day: number
  /** Certainty of that day by plan, and with one vessel fewer. */
  sure: number
  without: number
}

const FUTURES = 300
const WHOLE_FROM = 0.9

const oneFewer = (starts: readonly StartOn[], of: StartOn): StartOn[] =>
  starts.flatMap(s => {
    if (s !== of) return [s]
    return s.vessels > 1 ? [{ ...s, vessels: s.vessels - 1 }] : []
  })

/** Plays the plan once whole and once with one vessel of each start fewer; null where no day hangs on it. */
export function startWorths(
  p: PlanProblem,
  solution: PlanSolution,
  fates: Fates,
  seed: number,
): (StartWorth | null)[] {
  const futures = (starts: StartOn[]): Cover[] =>
    playFutures(p, { ...solution, starts }, fates, seed, FUTURES)
  const whole = futures(solution.starts)
  return solution.starts.map((start): StartWorth | null => {
    const fewer = futures(oneFewer(solution.starts, start))
    let worth: StartWorth | null = null
    whole.forEach(({ brood, day, planned, probability: sure }, i) => {
      const without = fewer[i]!.probability
      const gain = sure - without
      if (planned < WHOLE_FROM || gain <= (worth ? worth.sure - worth.without : 0)) return
      worth = { brood, day, sure, without }
    })
    return worth
  })
}
