import * as z from 'zod'
import { SODA, sodaFor } from '@renatus/core/water/soda'
import { volumeL } from './shared'

/** Carbonate hardness below which water is soft, degrees. */
const SOFT_BELOW_KH = 3

export const input = z.object({
  volumeL,
  pH: z.number().min(0).max(14),
  kHdeg: z.number().min(0).max(50).optional(),
  proven: z
    .number()
    .positive()
    .max(SODA.maximumGL)
    .optional()
    .describe('g/L that brought this water to 8.2'),
})
export const output = z.object({
  firstG: z.number(),
  mostG: z.number(),
  steps: z.array(z.string()),
})

export function run({
  volumeL: litres,
  pH,
  kHdeg,
  proven,
}: z.output<typeof input>): z.input<typeof output> {
  const advice = sodaFor(litres, { pH, soft: kHdeg !== undefined && kHdeg < SOFT_BELOW_KH }, proven)
  if (!advice) return { firstG: 0, mostG: litres * SODA.maximumGL, steps: [] }
  const grams = (g: number) => `${Number(g.toPrecision(3))} g`
  return {
    firstG: advice.firstG,
    mostG: advice.maximumG,
    steps: [
      `Stir in ${grams(advice.firstG)} of baking soda.`,
      `Wait ${SODA.waitMinutes} minutes and test the pH.`,
      `While it is under ${SODA.whenBelowPH}, add ${grams(litres * SODA.doseGL)} again and test, up to ${grams(advice.maximumG)} in all.`,
    ],
  }
}
