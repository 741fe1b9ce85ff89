import type { Choice } from '../gel/formulaProgram'
import { boundsFor, choiceOf, type KitchenIngredient } from './gelKitchen'

/** What many kitchens hold: a start for somebody who has ticked nothing yet. */
export const LARDER = [
  'fish-meal',
  'spirulina',
  'wheat-flour',
  'wheat-germ',
  'shrimp',
  'egg',
  'peas',
  'fish-oil',
  'vitamins',
]

export interface Bounds {
  min: number
  max: number
}
type Gel = Parameters<typeof boundsFor>[1]

/** Limits of an ingredient in a dry mix: those somebody set beside those of the table, as shares. */
export function boundsWith(
  i: KitchenIngredient,
  gel: Gel,
  own: { min: number | null; max: number | null },
): Bounds | null {
  const book = boundsFor(i, gel)
  if (!book) return null
  const min = own.min ?? book.min
  return { min, max: own.max ?? Math.max(book.max, min) }
}

/** What a mix is made of: ticked ingredients and the binder; and what could be got besides. */
export function choicesOf(
  ingredients: readonly KitchenIngredient[],
  ticked: readonly string[],
  gel: Gel,
  bounds: (i: KitchenIngredient) => Bounds | null,
): { choices: Choice[]; candidates: Choice[] } {
  const isTicked = (i: KitchenIngredient) => ticked.includes(i.id)
  const feeds = ingredients.filter(i => i.role !== 'binder' && isTicked(i))
  const binders = ingredients.filter(i => i.role === 'binder')
  const chosen = [
    ...feeds.map(i => [i, bounds(i)] as const),
    ...binders.map(i => [i, boundsFor(i, gel)] as const),
  ]
  const others = ingredients.filter(i => i.role === 'feed' && !isTicked(i))
  return {
    // A binder alone is no mix.
    choices: feeds.length > 0 ? chosen.flatMap(([i, b]) => (b ? [choiceOf(i, b)] : [])) : [],
    candidates: others.map(i => choiceOf(i, { min: 0, max: i.most })),
  }
}

/** Density of a dry mix, g/mL, by the shares of what is in it. */
export const densityOfMix = (
  mix: readonly { id: string; share: number }[],
  ingredients: readonly KitchenIngredient[],
  usual: number,
): number =>
  mix.reduce((s, m) => s + m.share * (ingredients.find(i => i.id === m.id)?.gPerMl ?? usual), 0)
