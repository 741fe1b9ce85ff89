import { numberText } from '@renatus/core/units/numberText'
import { GEL_G_PER_ML } from '@renatus/core/gel/portion'
import type { GelFill } from '@renatus/core/stock/gelFill'
import { formatGrams, formatMillilitres } from '@renatus/core/units/format'
import { plural } from './round'
import type { Clash, Formula } from '@renatus/core/gel/formulate'
import { piecesText } from '@renatus/core/feeds/portionText'
import type { DietChange } from '@renatus/core/gel/dietCourse'
import type { CrumbSize, Job } from '@renatus/core/gel/particles'
import type { Objective } from '@renatus/core/gel/formulaProgram'
import type { Firmness } from '@renatus/core/gel/binders'
import type { GelForm, IngredientRole, Milling } from '@renatus/core/records/vocabulary'

/** Words of the gel kitchen. */
export const pieces = (n: number) =>
  n > 20 ? `${numberText(Math.round(n))} pieces` : piecesText(n)

export const NUTRIENT_NAMES = {
  protein: 'Protein',
  fat: 'Fat',
  fibre: 'Fibre',
  ash: 'Ash',
  carbohydrate: 'Carbohydrate',
  calcium: 'Calcium',
  phosphorus: 'Phosphorus',
  collagen: 'Gelatin protein',
} as const
export const OBJECTIVES: Record<Objective, string> = {
  nearest: 'nearest to the targets',
  cost: 'least cost',
  fewest: 'fewest ingredients',
}
export const JOB_WORDS: Record<Job, string> = {
  pick: 'swallow crumbs',
  graze: 'graze on the face of a piece',
}
export const FIRMNESS_WORDS: Record<Firmness, string> = {
  soft: 'soft',
  standard: 'standard',
  firm: 'firm',
}
export const MILLING_WORDS: Record<Milling | 'fine enough', string> = {
  'fine enough': 'fine enough as it is',
  'mill': 'mill and sieve',
  'blend': 'blend and press through',
  'dissolves': 'dissolves',
}
export const ROLE_WORDS: Record<IngredientRole, string> = {
  feed: 'feed',
  binder: 'binder',
  premix: 'premix',
  pigment: 'colour',
}
export const FORM_WORDS: Record<GelForm, string> = {
  tray: 'tray with cells',
  bag: 'flat bag',
  coating: 'object to coat',
}

export const micron = (um: number) =>
  um >= 1000 ? `${numberText(um / 1000, { decimals: 1 })}\u00A0mm` : `${Math.round(um)}\u00A0µm`
export const crumbWords = (c: CrumbSize) =>
  c.overUm >= c.throughUm
    ? `crumbs pressed through ${micron(c.throughUm)}`
    : `crumbs through ${micron(c.throughUm)}, held back by ${micron(c.overUm)}`
const percent = (x: number) => `${numberText(x, { decimals: 1 })}\u00A0%`

/** What cannot be kept, and what it would have to be. */
export function clashWords(c: Clash): string {
  const name = NUTRIENT_NAMES[c.of]
  if (c.of === 'collagen')
    return `Gelatin would bring ${percent(c.reached * 100)} of all protein; a third is the most that counts.`
  return `${name} ${c.bound === 'least' ? 'reaches' : 'stays at'} ${percent(c.reached)}; ${c.bound === 'least' ? 'at least' : 'at most'} ${percent(c.wanted)} is wanted.`
}

/** Why there is no formula, where the shares themselves do not fit. */
export function sharesWords(f: Extract<Formula, { status: 'shares' }>): string {
  return f.bound === 'least'
    ? `The least shares add up to ${percent(f.sum * 100)} of the mix: lower one of them.`
    : `The most of all that is ticked adds up to ${percent(f.sum * 100)} of the mix: tick more ingredients, or allow more of one.`
}

/** "on 3 May, at 15.0 mm: a new formula (juvenile of 15 to 30 mm) and crumbs through …" */
export function changeWords(c: DietChange): string {
  const parts: string[] = []
  if (c.what.includes('formula')) parts.push(`a new formula, for a ${c.to.stageName}`)
  if (c.what.includes('crumb') && c.to.crumb) parts.push(crumbWords(c.to.crumb))
  if (c.what.includes('grain')) parts.push(`the dry mix through ${micron(c.to.sieveUm)}`)
  return parts.join('; ')
}

/** What a powder fills, and what is left of it. */
export function filledByPowderWords(
  fill: GelFill & { leftG: number },
  grams: number,
  tray: string,
): string {
  const n = fill.trays[0]?.n
  if (n === undefined)
    return `${formatGrams(grams)} fill ${formatMillilitres(fill.ml)}, less than one ${tray}: the batch is as much as there is.`
  return `${formatGrams(grams)} fill ${plural(n, 'tray')}; ${formatGrams(fill.leftG)} of powder are left.`
}
export function filledForDaysWords(
  fill: GelFill & { wetG: number; eaters: readonly { name: string }[] },
  days: number,
): string {
  const who = fill.eaters.map(b => b.name).join(', ')
  const trays = plural(fill.trays[0]?.n ?? 0, 'tray')
  const hold = formatGrams(fill.ml * GEL_G_PER_ML)
  return `${who} eat ${formatGrams(fill.wetG)} of gel in ${plural(days, 'day')}: ${trays}, which hold ${hold}.`
}
export const noEaterWords = (mix: string, days: number) =>
  `No brood eats ${mix} in the coming ${plural(days, 'day')}: give it a share on the sheet of a brood, or say how many trays.`
