import * as z from 'zod'
import { saltFor } from '@renatus/core/water/salinity'
import { measures, saltInput, spoonCount, toSalt, volumeL } from './shared'

export const input = z.object({
  volumeL,
  targetGL: z.number().min(0).max(350).brand<'g/L'>(),
  salt: saltInput,
  measures,
})
export const output = z.object({
  grams: z.number(),
  sg25: z.number(),
  spoons: z.array(spoonCount),
  spoonGrams: z.number(),
  errorGL: z.number(),
})

export const run = (i: z.output<typeof input>) =>
  saltFor(i.volumeL, i.targetGL, toSalt(i.salt), i.measures)
