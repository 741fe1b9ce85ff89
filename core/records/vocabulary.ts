/** Words that the log and the models share. */

/** What is seen, heard and smelt; each graded from 0. core/foods/<food>/signs.ts puts it in words. */
export const SIGNS = ['cloudiness', 'tint', 'movers', 'gathering', 'film', 'smell', 'sediment', 'climbing', 'size', 'pupae'] as const
export type Sign = (typeof SIGNS)[number]

/** What somebody does to a vessel. */
export const ACTION_KINDS = ['feed', 'dose', 'stir', 'topUp', 'waterChange', 'takeOut', 'split', 'renew', 'poison'] as const
export type ActionKind = (typeof ACTION_KINDS)[number]
export const AMOUNT_UNITS = ['g', 'mL', 'share', 'mgPerL'] as const
export type AmountUnit = (typeof AMOUNT_UNITS)[number]

/** How a harvest looked in the cup. */
export const HARVEST_GRADES = ['good', 'thin', 'failed'] as const
export type HarvestGrade = (typeof HARVEST_GRADES)[number]
