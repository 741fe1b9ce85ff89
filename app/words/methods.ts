import type { RecipeWarning } from '@renatus/core/foods/recipe'

/** What is wrong with an amount, and what to do. */
export const RECIPE_WARNINGS: Record<RecipeWarning['code'], string> = {
  'no-vessel': 'Name a vessel first: nothing can be measured into none.',
  'starter-too-small':
    'That starter is too little for this vessel: take a smaller vessel, or grow the starter up first.',
  'matter-too-thin':
    'That is too little plant matter: it would clear without ever feeding anything.',
}

/** When it is seen what a step is done for, where it is done today. @param days the soonest and the latest, in words */
export const seenWords = ([from, to]: readonly string[]): string =>
  `Done today, between ${from} and ${to}.`
