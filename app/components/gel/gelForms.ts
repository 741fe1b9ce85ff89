import { nowInstant } from '~/composables/clock'
import { numberText } from '@renatus/core/units/numberText'
import * as z from 'zod'
import { labelFault } from '@renatus/core/gel/composition'
import { GEL_FORMS, INGREDIENT_ROLES, MILLINGS } from '@renatus/core/records/vocabulary'
import type { RecordFormDefinition } from '~/components/setup/recordForm'
import { numberField, optionalNumber, textField } from '~/words/fields'
import { FORM_WORDS, ROLE_WORDS } from '~/words/gel'

const text = (value: unknown, fallback: string) =>
  value === undefined || value === null ? fallback : String(value)
const percent = (label: string) => numberField({ label, min: 0, max: 100, unit: '%' })
const price = numberField({ label: 'Price', min: 0, max: 1_000_000 })
const particle = optionalNumber({ label: 'Grain', min: 1, max: 50_000, unit: 'µm' })
const density = numberField({
  label: 'One mL weighs',
  min: 0.05,
  max: 3,
  unit: 'g',
  hint: 'Weigh ten level teaspoons (50 mL) and divide by 50.',
})
const LABEL = {
  protein: percent('Protein'),
  fat: percent('Fat'),
  fibre: percent('Fibre'),
  ash: percent('Ash'),
  moisture: percent('Moisture'),
}
interface LabelValues {
  protein: number
  fat: number
  fibre: number
  ash: number
  moisture: number
}

/** More than the whole is no label. */
const labelRefinement = (v: LabelValues, ctx: z.RefinementCtx) => {
  const fault = labelFault(v)
  if (fault?.nutrient === 'sum')
    ctx.addIssue({
      code: 'custom',
      path: ['protein'],
      message: `Protein, fat, fibre, ash and moisture add up to ${numberText(fault.value, { decimals: 1 })} %: more than the whole. Look at the label again.`,
    })
  else if (fault)
    ctx.addIssue({
      code: 'custom',
      path: ['moisture'],
      message: `Moisture cannot be “${fault.value}”: nothing dry would be left. Enter less than 99 %.`,
    })
}
const labelFields = [
  { name: 'protein', label: 'Protein', unit: '%', numeric: true },
  { name: 'fat', label: 'Fat', unit: '%', numeric: true },
  { name: 'fibre', label: 'Fibre', unit: '%', numeric: true },
  { name: 'ash', label: 'Ash', unit: '%', numeric: true },
  {
    name: 'moisture',
    label: 'Moisture',
    unit: '%',
    numeric: true,
    hint: 'As on the label; 8 for most powders',
  },
] as const
const labelOf = (r: Record<string, unknown> | null) => (r?.label ?? {}) as Partial<LabelValues>
const labelText = (r: Record<string, unknown> | null, fallback: LabelValues) =>
  Object.fromEntries(
    Object.entries(fallback).map(([k, v]) => [
      k,
      text(labelOf(r)[k as keyof LabelValues], String(v)),
    ]),
  )
const packed = ({ protein, fat, fibre, ash, moisture, ...rest }: Record<string, unknown>) => ({
  ...rest,
  label: { protein, fat, fibre, ash, moisture },
})

export const trayForm: RecordFormDefinition = {
  title: 'Trays, bags, things to coat',
  fields: () => [
    { name: 'name', label: 'Name', hint: 'As you call it' },
    {
      name: 'form',
      label: 'It is a',
      options: GEL_FORMS.map(f => ({ value: f, label: FORM_WORDS[f] })),
    },
    {
      name: 'by',
      label: 'Known by',
      options: [
        { value: 'ml', label: 'the volume it takes' },
        { value: 'cells', label: 'its cells' },
      ],
    },
    {
      name: 'ml',
      label: 'It takes',
      unit: 'mL',
      numeric: true,
      hint: 'Fill it with water and weigh: a gram is a mL',
      when: v => v.by === 'ml',
    },
    { name: 'cells', label: 'Cells', numeric: true, when: v => v.by === 'cells' },
    {
      name: 'lengthMm',
      label: 'Length of one',
      unit: 'mm',
      numeric: true,
      when: v => v.by === 'cells',
    },
    {
      name: 'widthMm',
      label: 'Width of one',
      unit: 'mm',
      numeric: true,
      when: v => v.by === 'cells',
    },
    {
      name: 'heightMm',
      label: 'Depth of one',
      unit: 'mm',
      numeric: true,
      when: v => v.by === 'cells',
    },
  ],
  schema: () =>
    z.discriminatedUnion('by', [
      z.object({
        by: z.literal('ml'),
        name: textField('Name of the tray'),
        form: z.enum(GEL_FORMS),
        ml: numberField({
          label: 'Volume of the tray',
          min: 0,
          max: 20_000,
          unit: 'mL',
          above: true,
        }),
      }),
      z.object({
        by: z.literal('cells'),
        name: textField('Name of the tray'),
        form: z.enum(GEL_FORMS),
        cells: numberField({ label: 'Cells', min: 1, max: 5000, whole: true }),
        lengthMm: numberField({
          label: 'Length of a cell',
          min: 0,
          max: 1000,
          unit: 'mm',
          above: true,
        }),
        widthMm: numberField({
          label: 'Width of a cell',
          min: 0,
          max: 1000,
          unit: 'mm',
          above: true,
        }),
        heightMm: numberField({
          label: 'Depth of a cell',
          min: 0,
          max: 500,
          unit: 'mm',
          above: true,
        }),
      }),
    ]),
  initial: r => {
    const fill = (r?.fill ?? {}) as Record<string, unknown>
    return {
      name: text(r?.name, ''),
      form: text(r?.form, 'tray'),
      by: 'cells' in fill || r === null ? 'cells' : 'ml',
      ml: text(fill.ml, '180'),
      cells: text(fill.cells, '40'),
      lengthMm: text(fill.lengthMm, '20'),
      widthMm: text(fill.widthMm, '20'),
      heightMm: text(fill.heightMm, '15'),
    }
  },
  toRecord: ({ by, name, form, ml, cells, lengthMm, widthMm, heightMm }) => ({
    name,
    form,
    fill: by === 'ml' ? { ml } : { cells, lengthMm, widthMm, heightMm },
  }),
}

export const powderForm: RecordFormDefinition = {
  title: 'Ready powders',
  fields: () => [
    { name: 'name', label: 'Name', hint: 'As you call it' },
    ...labelFields,
    {
      name: 'parts',
      label: 'Water on one part of powder',
      unit: 'by volume',
      numeric: true,
      hint: 'As advised: 2 firm, 3 standard, 4 soft',
    },
    {
      name: 'gPerMl',
      label: 'One mL weighs',
      unit: 'g',
      numeric: true,
      hint: 'Loose, not tapped; 0.55 for most',
    },
    { name: 'costPerKg', label: 'Price of a kilogram', numeric: true, hint: 'In your money' },
    {
      name: 'particleUm',
      label: 'Grain',
      unit: 'µm',
      numeric: true,
      hint: 'The sieve it passed; may stay empty',
    },
    {
      name: 'grams',
      label: 'Powder there is',
      unit: 'g',
      numeric: true,
      hint: 'May stay empty; batches are taken off it',
    },
    {
      name: 'job',
      label: 'The fry',
      options: [
        { value: 'pick', label: 'swallow crumbs of it' },
        { value: 'graze', label: 'graze on its face' },
      ],
    },
  ],
  schema: () =>
    z
      .object({
        name: textField('Name of the powder'),
        ...LABEL,
        parts: numberField({ label: 'Parts of water', min: 0.2, max: 20 }),
        gPerMl: density,
        costPerKg: price,
        particleUm: particle,
        grams: optionalNumber({ label: 'Powder there is', min: 0, max: 1_000_000, unit: 'g' }),
        job: z.enum(['pick', 'graze']),
      })
      .superRefine(labelRefinement),
  initial: r => ({
    name: text(r?.name, ''),
    ...labelText(r, { protein: 42, fat: 8, fibre: 4, ash: 10, moisture: 8 }),
    parts: text(r?.parts, '3'),
    gPerMl: text(r?.gPerMl, '0.55'),
    costPerKg: text(r?.costPerKg, '30'),
    particleUm: text(r?.particleUm, ''),
    grams: text(r?.gramsLeft ?? r?.grams, ''),
    job: text(r?.job, 'pick'),
  }),
  toRecord: (v, r) => ({
    broodIds: [],
    ...r,
    ...packed(v),
    binder: 'powder',
    firmness: 'standard',
    formula: null,
    weighedAt: v.grams === null ? null : nowInstant(),
    gramsLeft: undefined,
  }),
}

export const ingredientForm: RecordFormDefinition = {
  title: 'Ingredients',
  fields: () => [
    { name: 'name', label: 'Name' },
    ...labelFields,
    {
      name: 'costPerKg',
      label: 'Price of a kilogram',
      numeric: true,
      hint: 'As bought, in your money',
    },
    { name: 'calcium', label: 'Calcium', unit: '%', numeric: true, hint: 'Empty: not known' },
    { name: 'phosphorus', label: 'Phosphorus', unit: '%', numeric: true, hint: 'Empty: not known' },
    {
      name: 'particleUm',
      label: 'Grain',
      unit: 'µm',
      numeric: true,
      hint: 'Empty: it dissolves or runs',
    },
    {
      name: 'milling',
      label: 'Made fine by',
      options: [
        { value: 'mill', label: 'milling and sieving' },
        { value: 'blend', label: 'blending and pressing through' },
        { value: 'dissolves', label: 'nothing: it dissolves' },
      ],
    },
    { name: 'gPerMl', label: 'One mL weighs', unit: 'g', numeric: true },
    {
      name: 'role',
      label: 'It is',
      options: INGREDIENT_ROLES.map(r => ({ value: r, label: ROLE_WORDS[r] })),
    },
    { name: 'mostPercent', label: 'At most in the dry mix', unit: '%', numeric: true },
    { name: 'atHand', label: 'At hand', check: true },
  ],
  schema: () =>
    z
      .object({
        name: textField('Name of the ingredient'),
        ...LABEL,
        costPerKg: price,
        calcium: optionalNumber({ label: 'Calcium', min: 0, max: 100, unit: '%' }),
        phosphorus: optionalNumber({ label: 'Phosphorus', min: 0, max: 100, unit: '%' }),
        particleUm: particle,
        milling: z.enum(MILLINGS),
        gPerMl: density,
        role: z.enum(INGREDIENT_ROLES),
        mostPercent: numberField({ label: 'At most in the dry mix', min: 0, max: 100, unit: '%' }),
        atHand: z.boolean(),
      })
      .superRefine(labelRefinement),
  initial: r => ({
    name: text(r?.name, ''),
    ...labelText(r, { protein: 40, fat: 8, fibre: 3, ash: 8, moisture: 8 }),
    costPerKg: text(r?.costPerKg, '10'),
    calcium: text(r?.calcium, ''),
    phosphorus: text(r?.phosphorus, ''),
    particleUm: text(r?.particleUm, r ? '' : '200'),
    milling: text(r?.milling, 'mill'),
    gPerMl: text(r?.gPerMl, '0.55'),
    role: text(r?.role, 'feed'),
    mostPercent: text(
      typeof r?.most === 'number' ? Math.round(r.most * 1000) / 10 : undefined,
      '50',
    ),
    atHand: r?.atHand ?? true,
  }),
  toRecord: ({ mostPercent, ...v }, r) => ({
    basedOn: r?.basedOn ?? null,
    collagen: r?.collagen ?? false,
    ...packed(v),
    most: Number(mostPercent) / 100,
  }),
}
