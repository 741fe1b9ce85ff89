import * as z from 'zod'
import { gramsPerMillilitre } from '@renatus/core/units/quantity'
import { SALT_DENSITY, type Salt } from '@renatus/core/water/salinity'

/** Parts that several commands share. */
export const volumeL = z.number().positive().max(10_000).brand<'L'>()
export const measures = z.enum(['us', 'metric'])
export const saltInput = z.union([
  z.enum(['fine', 'coarse', 'sea-mix']),
  z.object({ gPerMl: z.number().min(0.1).max(3) }),
])
export const spoonCount = z.object({ measure: z.string(), count: z.number().min(0).max(10_000) })

export const toSalt = (input: z.infer<typeof saltInput>): Salt =>
  typeof input === 'string'
    ? { kind: input, gPerMl: gramsPerMillilitre(SALT_DENSITY[input]) }
    : { kind: 'own', gPerMl: gramsPerMillilitre(input.gPerMl) }
