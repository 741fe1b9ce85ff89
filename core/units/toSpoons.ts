import { KITCHEN_MEASURES, type MeasureSystem, type SpoonCount } from './kitchenMeasures'

/** Error a handful of spoons may make before smaller spoons are added. */
const GOOD_ENOUGH = 0.01

/**
 * Breaks a volume of powder into level spoons: the fewest that come within 1 %,
 * else as near as the smallest spoon allows. The error is for the caller to state.
 * @param ml volume, mL, at least 0
 */
export function toSpoons(ml: number, system: MeasureSystem): { spoons: SpoonCount[]; ml: number } {
  const measures = KITCHEN_MEASURES[system]
  let best: { spoons: SpoonCount[]; ml: number } = { spoons: [], ml: 0 }
  for (let last = 0; last < measures.length; last++) {
    const trial = breakDown(ml, measures.slice(0, last + 1))
    if (Math.abs(trial.ml - ml) < Math.abs(best.ml - ml) - 1e-12) best = trial
    if (Math.abs(best.ml - ml) <= GOOD_ENOUGH * ml) break
  }
  return best
}

function breakDown(ml: number, measures: readonly { measure: string; ml: number }[]) {
  const spoons: SpoonCount[] = []
  let left = ml
  measures.forEach((m, i) => {
    const smallest = i === measures.length - 1
    const count = smallest ? Math.round(left / m.ml) : Math.floor(left / m.ml + 1e-9)
    if (count > 0) spoons.push({ measure: m.measure, count })
    left -= count * m.ml
  })
  return { spoons, ml: ml - left }
}
