import { buyingOf } from '../../foods/buying'
import type { BuiltProblem } from './buildProblem'
import { NEEDED_FROM, type PlanSolution, type StartOn } from './problem'
import { daysFromTo, dayThatFits } from './standing'

/** A starter that comes by tomorrow is as good as a vessel to spare. */
const TOMORROW = 1
/** A vessel to spare may wait so many days: for the minutes of a round, or for a start that is planned anyway. */
const SPARE_WITHIN_D = 10

/**
 * One vessel more of each food that is eaten, grows in a single vessel and cannot be bought tomorrow: beside the first that is started,
 * or today where the only one stands already.
 * @param standing vessels that stand in the room, by food, mothers included
 */
export function sparesFor(
  { starts, problem: p }: BuiltProblem,
  { meals, starts: made }: Pick<PlanSolution, 'meals' | 'starts'>,
  standing: ReadonlyMap<string, number>,
): StartOn[] {
  const eaten = new Set(meals.filter(m => m.share > NEEDED_FROM).map(m => m.food))
  const spares: StartOn[] = []
  for (const food of eaten) spares.push(...spareOf(food))
  return spares

  function spareOf(food: string): StartOn[] {
    const s = starts.find(x => x.food === food)
    if (!s || s.method.starterShare === 0 || buyingOf(s.foodOf).leadDays <= TOMORROW) return []
    const mine = made.filter(m => starts.find(x => x.id === m.startable)?.food === food)
    const stands = standing.get(food) ?? 0
    // Beside one that stands a start of weeks ahead comes too late: the line would hang on one till then.
    const beside = stands > 0 ? mine.filter(m => m.day <= s.fromDay + SPARE_WITHIN_D) : mine
    if (beside.reduce((n, m) => n + m.vessels, stands) !== 1) return []
    const day = stands > 0 ? s.fromDay : Math.min(...beside.map(m => m.day))
    const on = dayThatFits(p, s, daysFromTo(day, day + SPARE_WITHIN_D), [...made, ...spares])
    return on === null ? [] : [{ startable: s.id, day: on, vessels: 1 }]
  }
}
