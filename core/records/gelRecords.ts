import * as z from 'zod'
import { base, id, instant, name, positive } from './recordFields'
import { GEL_FORMS, INGREDIENT_ROLES, MILLINGS } from './vocabulary'

/** Schemas of the gel kitchen: ingredients, trays, mixes. */

const percent = z.number().min(0).max(100)
/** What a label says: percent as bought, the water in it included. */
export const feedLabel = z
  .object({ protein: percent, fat: percent, fibre: percent, ash: percent, moisture: percent })
  .refine(
    l => l.protein + l.fat + l.fibre + l.ash + l.moisture <= 100.01,
    'the parts of a label are more than the whole',
  )
const range = z.tuple([percent, percent])

/** An ingredient of gel diets: the user's own, or what the user knows better of one in the table. */
export const gelIngredient = z.object({
  ...base,
  type: z.literal('gel-ingredient'),
  name,
  /** Id in the table that it stands for; null for one of the user's own. */
  basedOn: z.string().min(1).max(60).nullable(),
  label: feedLabel,
  calcium: percent.nullable(),
  phosphorus: percent.nullable(),
  costPerKg: z.number().min(0).max(1e6),
  particleUm: positive(50_000).nullable(),
  milling: z.enum(MILLINGS),
  gPerMl: z.number().min(0.05).max(3).brand<'g/mL'>(),
  role: z.enum(INGREDIENT_ROLES),
  collagen: z.boolean().default(false),
  /** Largest share of a dry mix. */
  most: z.number().min(0).max(1),
  atHand: z.boolean(),
})

/** A tray, a bag or an object to coat: cells of a size, or a volume that was measured. */
export const gelTray = z.object({
  ...base,
  type: z.literal('gel-tray'),
  name,
  form: z.enum(GEL_FORMS),
  fill: z.union([
    z.object({ ml: positive(20_000) }),
    z.object({
      cells: z.number().int().min(1).max(5000),
      lengthMm: positive(1000),
      widthMm: positive(1000),
      heightMm: positive(500),
    }),
  ]),
})

/** A gel diet: a ready powder by its label, or an own formula. */
export const gelMix = z.object({
  ...base,
  type: z.literal('gel-mix'),
  name,
  /** Of the powder as bought, or of the dry mix (moisture 0). */
  label: feedLabel,
  /** Loose bulk density. */
  gPerMl: z.number().min(0.05).max(3).brand<'g/mL'>(),
  costPerKg: z.number().min(0).max(1e6),
  particleUm: positive(50_000).nullable(),
  binder: z.string().min(1).max(40),
  firmness: z.enum(['soft', 'standard', 'firm']),
  /** Volumes of water on a volume of loose powder. */
  parts: z.number().min(0.2).max(20),
  /** Powder there is, g; null where nobody weighed. Batches are taken off it. */
  grams: z.number().min(0).max(1e6).nullable().default(null),
  weighedAt: instant.nullable().default(null),
  /** Null for a ready powder. */
  formula: z
    .object({
      shares: z
        .array(z.object({ id: z.string().min(1).max(60), share: z.number().min(0).max(1) }))
        .min(1)
        .max(60),
      /** Grams of water in the gel on a gram of dry mix. */
      waterByMass: z.number().min(0.5).max(8),
      sieveUm: positive(50_000).nullable(),
      objective: z.enum(['cost', 'nearest', 'fewest']),
      targets: z.object({
        protein: range,
        fat: range,
        fibre: range,
        ash: range,
        calcium: percent.default(0),
        phosphorus: percent.default(0),
      }),
    })
    .nullable(),
  /** Broods it is for; empty for any. */
  broodIds: z.array(id).max(200).default([]),
  job: z.enum(['pick', 'graze']),
})
