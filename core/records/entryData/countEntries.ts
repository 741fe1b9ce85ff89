import * as z from 'zod'
import { foodId, id } from '../recordFields'
import { about } from './fields'

/** What was counted or measured, and what is to be forgotten of it. */
export const countEntries = {
  /** Animals in drops, or in a picture of one, of a hatch, of a culture, or of neither. */
  'sample.counted': z.object({
    of: about.nullable(),
    foodId,
    counts: z.array(z.number().int().min(0).max(1_000_000)).min(1).max(500),
    dropMl: z.number().min(0.0005).max(1000),
    how: z.enum(['by eye', 'picture']),
  }),
  /** Green water read by the depth at which a stick vanishes, or by its colour against white. */
  'water.read': z.object({
    of: about.nullable(),
    foodId,
    reading: z.discriminatedUnion('by', [
      z.object({ by: z.literal('secchi'), depthCm: z.number().min(0.5).max(300) }),
      z.object({
        by: z.literal('colour'),
        pathCm: z.number().min(0.2).max(100),
        white: z.number().min(1).max(255),
        sample: z.number().min(0).max(255),
      }),
    ]),
  }),
  /** So many fillings of a measure weighed so many grams of water. */
  'tool.measured': z.object({
    toolId: id,
    times: z.number().int().min(1).max(1000),
    grams: z.number().min(0.01).max(100_000).brand<'g'>(),
  }),
  /** Forgets what was learned of a food, a lot or a tool: only what is written from now on counts. */
  'learning.reset': z.object({ of: about }),
}
