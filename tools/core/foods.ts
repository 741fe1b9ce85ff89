import * as z from 'zod'
import { foods } from '@renatus/core/foods/index'

export const input = z.object({})
export const output = z.object({
  foods: z.array(
    z.object({
      id: z.string(),
      family: z.string(),
      methods: z.array(z.string()),
      lengthUm: z.number(),
      widthUm: z.number(),
      dryUg: z.number(),
      zone: z.string(),
    }),
  ),
})

export const run = (): z.input<typeof output> => ({
  foods: foods.map(({ profile: p, methods }) => ({
    id: p.id,
    family: p.family,
    methods: methods.map(m => m.id),
    lengthUm: p.lengthUm,
    widthUm: p.criticalWidthUm,
    dryUg: p.dryUg,
    zone: p.zone,
  })),
})
