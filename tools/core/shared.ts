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
/** As many spoons as a bath takes: nobody types so many, but salt for ten thousand litres is so many. */
export const spoonCount = z.object({ measure: z.string(), count: z.number().min(0).max(1e7) })

export const toSalt = (input: z.infer<typeof saltInput>): Salt =>
  typeof input === 'string'
    ? { kind: input, gPerMl: gramsPerMillilitre(SALT_DENSITY[input]) }
    : { kind: 'own', gPerMl: gramsPerMillilitre(input.gPerMl) }
