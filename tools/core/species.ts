import * as z from 'zod'
import { SPECIES } from '@renatus/core/fry/species/index'
import { sourceLine } from '@renatus/core/fry/species/species'

export const input = z.object({})
export const output = z.object({
  species: z.array(
    z.object({
      id: z.string(),
      names: z.array(z.string()),
      firstFeedingMm: z.number(),
      gapePerLength: z.number(),
      adultMm: z.number(),
      zone: z.string(),
      guild: z.enum(['carnivore', 'omnivore', 'grazer']),
      source: z.string(),
    }),
  ),
})

export const run = (): z.input<typeof output> => ({
  species: SPECIES.map(s => ({
    id: s.id,
    names: [...s.names, ...s.latin],
    firstFeedingMm: s.firstFeedingMm,
    gapePerLength: s.gapePerLength,
    adultMm: s.adultMm,
    zone: s.zones.join('-'),
    guild: s.guild,
    source: sourceLine(s),
  })),
})
