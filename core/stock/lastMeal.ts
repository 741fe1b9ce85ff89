import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import { entriesOf } from '../records/entriesOf'

/** Animals of a food that a tank was given the last time; null where it never was, or got none. */
export function lastMeal(entries: readonly Entry[], tankId: string, foodId: string): number | null {
  const portions = ofKind(entriesOf(entries, 'tankId', tankId), 'tank.fed').flatMap(e =>
    e.data.portions.filter(p => p.foodId === foodId && p.organisms > 0),
  )
  return portions.at(-1)?.organisms ?? null
}
