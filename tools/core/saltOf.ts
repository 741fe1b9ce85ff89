import * as z from 'zod'
import { measureMl } from '@renatus/core/units/kitchenMeasures'
import { saltOf } from '@renatus/core/water/salinity'
import { measures, saltInput, spoonCount, toSalt, volumeL } from './shared'

const known = spoonCount.extend({
  measure: z
    .string()
    .refine(
      m => measureMl(m) !== null,
      'not a measure: one of cup, tbsp, tsp, half-tsp, quarter-tsp, eighth-tsp, pinch',
    ),
})

/** `measures` settles whose tablespoon is meant; US where it is not given, since only US has a cup and a pinch. */
export const input = z.object({
  volumeL,
  salt: saltInput,
  spoons: z.array(known).max(50),
  measures: measures.default('us'),
})
export const output = z.object({ grams: z.number(), gPerL: z.number(), sg25: z.number() })

export const run = (i: z.output<typeof input>) =>
  saltOf(i.volumeL, toSalt(i.salt), i.spoons, i.measures)
