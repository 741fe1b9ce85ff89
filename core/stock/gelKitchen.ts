import { powderBatch, SOLID_SHARE, trayMl, type Tray } from '../gel/batch'
import { binderOf, binderShare } from '../gel/binders'
import { learnLoss, learnSolidShare, type Fill, type Learned } from '../gel/fillLearning'
import { formulaBatch, type MixLine } from '../gel/formulaBatch'
import type { Choice } from '../gel/formulaProgram'
import { costPerDryKg, dryShare, type Ingredient } from '../gel/ingredient'
import { INGREDIENTS } from '../gel/ingredients'
import { ofDryMatter } from '../gel/composition'
import { dryFraction } from '../gel/portion'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { GelIngredientRecord, GelMix, GelTray } from '../records/records'
import type { MeasureSystem, SpoonCount } from '../units/kitchenMeasures'
import { toSpoons } from '../units/toSpoons'

/** An ingredient as this room knows it: of the table, of the table with what the user knows better, or the user's own. */
export interface KitchenIngredient extends Ingredient {
  atHand: boolean
  recordId: string | null
  own: boolean
  /** Its figures are not those of the table. */ changed: boolean
}

/** Figures of an ingredient, for comparing. */
const figures = ({
  name,
  label: { protein, fat, fibre, ash, moisture },
  calcium,
  phosphorus,
  costPerKg,
  particleUm,
  milling,
  gPerMl,
  role,
  most,
}: Omit<GelIngredientRecord, 'basedOn'> | Ingredient) =>
  [
    name,
    protein,
    fat,
    fibre,
    ash,
    moisture,
    calcium,
    phosphorus,
    costPerKg,
    particleUm,
    milling,
    gPerMl,
    role,
    most,
  ].join()

const known = (r: GelIngredientRecord, book: Ingredient | undefined): KitchenIngredient => ({
  id: r.basedOn ?? r.id,
  name: r.name,
  label: r.label,
  calcium: r.calcium,
  phosphorus: r.phosphorus,
  costPerKg: r.costPerKg,
  particleUm: r.particleUm,
  milling: r.milling,
  gPerMl: r.gPerMl,
  most: r.most,
  dose: book?.dose ?? null,
  role: r.role,
  collagen: r.collagen,
  source: book && figures(r) === figures(book) ? book.source : 'your own figures',
  atHand: r.atHand,
  recordId: r.id,
  own: r.basedOn === null,
  changed: !book || figures(r) !== figures(book),
})

/** The table with the user's entries in it, own ones after it. */
export function kitchenIngredients(records: readonly GelIngredientRecord[]): KitchenIngredient[] {
  const table = INGREDIENTS.map(book => {
    const mine = records.find(r => r.basedOn === book.id)
    return mine
      ? known(mine, book)
      : { ...book, atHand: false, recordId: null, own: false, changed: false }
  })
  return [...table, ...records.filter(r => r.basedOn === null).map(r => known(r, undefined))]
}

/** An ingredient as the programme sees it. */
export function choiceOf(i: KitchenIngredient, bounds: { min: number; max: number }): Choice {
  const dry = dryShare(i)
  return {
    id: i.id,
    nutrients: ofDryMatter(i.label),
    calcium: i.calcium === null ? null : i.calcium / dry,
    phosphorus: i.phosphorus === null ? null : i.phosphorus / dry,
    ...bounds,
    costPerKg: costPerDryKg(i),
    collagen: i.collagen,
  }
}

/** Least and most of each ingredient in a dry mix: the binder is fixed by the gel, premix and pigment by their label. Other binders stay out. */
export function boundsFor(
  i: KitchenIngredient,
  gel: { binder: string; firmness: GelMix['firmness']; waterByMass: number },
): { min: number; max: number } | null {
  const binder = binderOf(gel.binder)
  if (i.role === 'binder') {
    const share = binderShare(binder, gel.firmness, gel.waterByMass)
    return i.id === binder.ingredientId ? { min: share, max: share } : null
  }
  return i.dose === null ? { min: 0, max: i.most } : { min: i.dose, max: i.dose }
}

export const trayVolume = (t: Pick<GelTray, 'fill'>): number => trayMl(t.fill as Tray)

const fillsOf = (entries: readonly Entry[], mixId: string): Fill[] =>
  ofKind(entries, 'gel.cooked')
    .filter(e => e.data.mixId === mixId)
    .map(e => e.data)

/** What batches have taught: share of the powder that is not air by mix, loss by all batches, parts as they were last used. */
export function kitchenLearned(
  entries: readonly Entry[],
  mix: GelMix,
): { solid: Learned; loss: Learned; parts: number; batches: number } {
  const mine = fillsOf(entries, mix.id)
  const last = mine.findLast(f => f.powderMl !== null)
  return {
    solid: learnSolidShare(SOLID_SHARE, mine),
    loss: learnLoss(ofKind(entries, 'gel.cooked').map(e => e.data)),
    parts: last?.powderMl ? last.waterMl / last.powderMl : mix.parts,
    batches: mine.length,
  }
}

/** Powder left of a mix, g: what was weighed, less the batches since. Null where nobody weighed. */
export function powderLeft(entries: readonly Entry[], mix: GelMix): number | null {
  if (mix.grams === null || mix.weighedAt === null) return null
  const used = ofKind(entries, 'gel.cooked')
    .filter(e => e.data.mixId === mix.id && e.at > mix.weighedAt!)
    .reduce((g, e) => g + e.data.powderG, 0)
  return Math.max(0, mix.grams - used)
}

/** A batch of a mix, ready to be measured out. */
export interface KitchenBatch {
  totalMl: number
  lines: (MixLine & { spoons: SpoonCount[] | null; spoonErrorMl: number })[]
  /** Water to pour; negative where fresh ingredients bring too much. */
  waterMl: number
  /** As the log keeps it: dry mix or powder, its moisture, all water. */
  powderG: number
  powderMl: number | null
  moisture: number
  allWaterMl: number
  /** Dry share of the gel. */
  dry: number
  cost: number
}

export interface BatchInput {
  fillMl: number
  parts: number
  solidShare: number
  lossShare: number
  measures: MeasureSystem
}

/** Fresh foods are weighed: a spoon of minced shrimp is no measure. */
function spoonsFor(
  what: KitchenIngredient,
  ml: number,
  measures: MeasureSystem,
): { spoons: SpoonCount[] | null; spoonErrorMl: number } {
  if (what.milling === 'blend') return { spoons: null, spoonErrorMl: 0 }
  const found = toSpoons(ml, measures)
  return { spoons: found.spoons, spoonErrorMl: found.ml - ml }
}

/** Amounts of a mix for a volume. */
export function kitchenBatch(
  mix: GelMix,
  ingredients: readonly KitchenIngredient[],
  i: BatchInput,
): KitchenBatch {
  if (mix.formula === null) {
    const b = powderBatch({ ...i, gPerMl: mix.gPerMl })
    const cost = (b.powderG / 1000) * mix.costPerKg
    return {
      totalMl: b.totalMl,
      lines: [
        {
          id: mix.id,
          name: mix.name,
          grams: b.powderG,
          ml: b.powderMl,
          cost,
          spoons: b.spoons,
          spoonErrorMl: b.spoonErrorMl,
        },
      ],
      waterMl: b.waterMl,
      powderG: b.powderG,
      powderMl: b.powderMl,
      moisture: mix.label.moisture,
      allWaterMl: b.waterMl,
      dry: dryFraction(b.powderG, b.waterMl, mix.label.moisture),
      cost,
    }
  }
  const of = (id: string) => {
    const found = ingredients.find(x => x.id === id)
    if (!found) throw new RangeError(`the mix holds “${id}”, which is not in the table`)
    return found
  }
  const b = formulaBatch(mix.formula.shares, of, {
    fillMl: i.fillMl,
    lossShare: i.lossShare,
    waterByMass: mix.formula.waterByMass,
  })
  return {
    totalMl: b.totalMl,
    lines: b.lines.map(l => ({ ...l, ...spoonsFor(of(l.id), l.ml, i.measures) })),
    waterMl: b.waterMl,
    powderG: b.dryG,
    powderMl: null,
    moisture: 0,
    allWaterMl: b.dryG * mix.formula.waterByMass,
    dry: 1 / (1 + mix.formula.waterByMass),
    cost: b.cost,
  }
}
