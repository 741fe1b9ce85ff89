import { STRANGERS, type Stranger } from '../records/vocabulary'
import type { Food } from '../foods/contract'
import type { Observation } from './observation'

/** How much likelier a stranger is seen in a vessel that something got into than in any other (working estimate). */
export const STRANGER_TELLS = 15

/** What does not belong into a vessel of a food. */
export const strangersTo = (food: Pick<Food, 'own'>): readonly Stranger[] =>
  STRANGERS.filter(s => !food.own?.includes(s))

/** Strangers that were seen, each once; what belongs there is none. */
export function strangersSeen(
  food: Pick<Food, 'own'>,
  seen: readonly Observation[],
): readonly Stranger[] {
  const named = new Set(seen.flatMap(o => (o.kind === 'look' ? (o.strangers ?? []) : [])))
  return strangersTo(food).filter(s => named.has(s))
}
