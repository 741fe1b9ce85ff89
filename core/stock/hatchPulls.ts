import { hatchFood } from '../foods/hatchFood'
import type { FoodMethod, HatchPulls, MethodStep } from '../foods/contract'

/** How a bottle that runs is emptied, by its school. */
export const waysOf = ({ school }: { school: string }): { pulls: HatchPulls } => ({
  pulls: hatchFood.methods.find(m => m.id === school)?.pulls ?? 'one-or-two',
})

/** Nauplii are rinsed in the sieve; a school may leave that out. */
export const isRinsed = ({ school }: { school: string }): boolean =>
  methodOf(school)?.rinsed !== false

const methodOf = (id: string): FoodMethod | undefined => hatchFood.methods.find(m => m.id === id)
/** Schools that empty a bottle, and that let it run on, whatever else they do. */
const EMPTIES = 'one-pull'
const RUNS_ON = 'two-pulls'

/** Steps of a pull by the school of its bottle: what runs on is put back, what is over is cleaned. */
export function harvestSteps(school: string, last: boolean): readonly MethodStep[] {
  const own = methodOf(school)
  const keeps = own?.pulls === 'two' || own?.pulls === 'each'
  // A school with steps of its own, such as one that does not rinse, has them at every pull.
  if (own && !keeps && own.harvest !== methodOf(EMPTIES)!.harvest) return own.harvest
  if (last) return methodOf(EMPTIES)!.harvest
  return own?.pulls === 'each' ? own.harvest : methodOf(RUNS_ON)!.harvest
}
