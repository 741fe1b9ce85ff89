import { foodOf } from '@renatus/core/foods/index'
import { simulate, type SimulateInput } from '@renatus/core/foods/simulate'

/** A simulated culture by names, for tests. */
export function simulated(
  foodId: string,
  methodId: string,
  c: number,
  days: number,
  more: Partial<SimulateInput> = {},
) {
  const food = foodOf(foodId)!
  const method = food.methods.find(m => m.id === methodId)!
  return simulate({
    food,
    method,
    setup: { volumeL: method.vessel.volumeL },
    temperature: () => c,
    days,
    actions: [],
    seed: 1,
    runs: 1,
    ...more,
  })
}
/** Nobody takes anything out. */
export const UNTOUCHED = [{ day: 9999, kind: 'takeOut' as const }]
export const readyDay = (food: string, method: string, c: number, days = 150) =>
  simulated(food, method, c, days, { actions: UNTOUCHED }).readyDay?.p50 ?? Infinity
