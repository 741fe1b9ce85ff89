import * as z from 'zod'
import highsLoader from 'highs'
import { ofDryMatter, type Nutrients } from '@renatus/core/gel/composition'
import { formulate } from '@renatus/core/gel/formulate'
import type { Choice } from '@renatus/core/gel/formulaProgram'
import { ingredient, INGREDIENTS } from '@renatus/core/gel/ingredients'
import { dryShare } from '@renatus/core/gel/ingredient'
import { choiceOf, kitchenIngredients } from '@renatus/core/stock/gelKitchen'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'

const percent = z.number().min(0).max(100)
const share = z.number().min(0).max(1)
const range = z
  .tuple([percent, percent])
  .refine(([least, most]) => least <= most, 'the least is more than the most')

export const input = z.object({
  ingredients: z
    .array(
      z
        .object({
          id: z.string().min(1).max(60),
          values: z
            .object({
              protein: percent,
              fat: percent,
              fibre: percent,
              ash: percent,
              moisture: percent.default(0),
            })
            .refine(
              v => v.protein + v.fat + v.fibre + v.ash <= 100.01,
              'protein, fat, fibre and ash are more than the whole',
            )
            .optional()
            .describe('percent of dry matter; not needed for an id of the table'),
          min: share.default(0),
          max: share.default(1),
          costPerKg: z.number().min(0).max(1e6).describe('of a kilogram of its dry matter'),
        })
        .refine(i => i.min <= i.max, { path: ['min'], message: 'min is more than max' })
        .refine(i => i.values !== undefined || ingredient(i.id) !== null, {
          path: ['values'],
          message: `not in the table, so values are needed; the table knows ${INGREDIENTS.map(i => i.id).join(', ')}`,
        }),
    )
    .min(1)
    .max(60)
    .refine(list => new Set(list.map(i => i.id)).size === list.length, 'an id stands twice'),
  targets: z.object({
    protein: range.optional(),
    fat: range.optional(),
    fibre: range.optional(),
    ash: range.optional(),
    calcium: percent.optional(),
    phosphorus: percent.optional(),
  }),
  objective: z.enum(['cost', 'nearest', 'fewest']).default('cost'),
})

const mix = z.array(z.object({ id: z.string(), share: z.number() }))
const composition = z.object({
  protein: z.number(),
  fat: z.number(),
  fibre: z.number(),
  ash: z.number(),
  carbohydrate: z.number(),
})
export const output = z.object({
  status: z.enum(['optimal', 'infeasible']),
  mix,
  composition: composition.nullable(),
  costPerKg: z.number().nullable(),
  objective: z.number().nullable(),
  clashes: z
    .array(
      z.object({
        of: z.string(),
        bound: z.enum(['least', 'most']),
        wanted: z.number(),
        reached: z.number(),
      }),
    )
    .optional(),
  nearest: z
    .object({ mix, composition, costPerKg: z.number() })
    .optional()
    .describe('the mix that breaks the fewest targets, by the least'),
  helpers: z
    .array(z.object({ id: z.string(), settles: z.boolean() }))
    .optional()
    .describe('ingredients of the table that would mend it'),
})

function choice(i: z.output<typeof input>['ingredients'][number]): Choice {
  const book = ingredient(i.id)
  const nutrients: Nutrients = i.values ?? ofDryMatter(book!.label)
  const perDry = (x: number | null | undefined) =>
    book && typeof x === 'number' ? x / dryShare(book) : null
  return {
    id: i.id,
    nutrients,
    calcium: perDry(book?.calcium),
    phosphorus: perDry(book?.phosphorus),
    min: i.min,
    max: i.max,
    costPerKg: i.costPerKg,
    collagen: book?.collagen ?? false,
  }
}

const candidates: Choice[] = kitchenIngredients([])
  .filter(i => i.role === 'feed')
  .map(i => choiceOf(i, { min: 0, max: i.most }))

export async function run(i: z.output<typeof input>): Promise<z.input<typeof output>> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const f = formulate(i.ingredients.map(choice), i.targets, i.objective, solver, candidates)
  const none: z.input<typeof output> = {
    status: 'infeasible',
    mix: [],
    composition: null,
    costPerKg: null,
    objective: null,
  }
  switch (f.status) {
    case 'optimal':
      return {
        status: 'optimal',
        mix: f.mix,
        composition: f.composition,
        costPerKg: f.costPerKg,
        objective: f.objective,
      }
    case 'infeasible':
      return {
        ...none,
        clashes: f.clashes,
        nearest: { mix: f.mix, composition: f.composition, costPerKg: f.costPerKg },
        helpers: f.helpers,
      }
    case 'shares':
      return {
        ...none,
        clashes: [
          {
            of: 'shares',
            bound: f.bound === 'least' ? 'most' : 'least',
            wanted: 1,
            reached: f.sum,
          },
        ],
      }
    case 'no-ingredients':
      return none
  }
}
