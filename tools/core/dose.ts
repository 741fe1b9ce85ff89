import * as z from 'zod'
import { doseOf, DOSE_FORMS, type DoseProduct, type DoseWant } from '@renatus/core/water/dose'
import { volumeL } from './shared'

const product = z.object({
  nitrogenPercent: z.number().min(0.01).max(100).optional(),
  form: z.enum(DOSE_FORMS),
  densityGPerMl: z.number().min(0.5).max(3).optional(),
  tabG: z.number().min(0.01).max(100).optional(),
})
export const input = z
  .object({
    volumeL,
    want: z.union([
      z.object({ nitrogenMgL: z.number().positive().max(1000) }),
      z.object({ mlPerL: z.number().positive().max(100) }),
    ]),
    product,
  })
  .superRefine((i, c) => {
    const found = doseOf(i.volumeL, i.want as DoseWant, i.product as DoseProduct)
    if (found.ok) return
    const WAYS = {
      nitrogen: { path: 'nitrogenPercent', message: 'say how much nitrogen is in it, percent' },
      tab: { path: 'tabG', message: 'say what a tab weighs, g' },
      liquid: { path: 'form', message: 'only a liquid is measured in mL on a litre' },
    } as const
    const { path, message } = WAYS[found.lacks]
    c.addIssue({ code: 'custom', path: ['product', path], message })
  })
export const output = z.object({
  grams: z.number().optional(),
  mL: z.number().optional(),
  tabs: z.number().optional(),
  error: z.number(),
})

export function run(i: z.output<typeof input>) {
  const found = doseOf(i.volumeL, i.want as DoseWant, i.product as DoseProduct)
  if (!found.ok) throw new Error('the schema lets no such product through')
  return found.dose
}
