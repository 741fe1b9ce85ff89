import * as z from 'zod'
import { lifeAnchor } from '../broodRecords'
import { foodId, id, localDate } from '../recordFields'

const fryCount = z.number().int().min(0).max(100_000)

/** The life of a brood. */
export const broodEntries = {
  /** It was asked for on its day and had not happened yet. */
  'brood.awaited': z.object({ broodId: id, event: lifeAnchor.shape.event, on: localDate }),
  'brood.counted': z.object({ broodId: id, fry: fryCount, on: localDate }),
  /** A stage of a brood's life that was seen; the dates hang on it from then on. */
  'brood.event': z.object({ broodId: id, event: lifeAnchor.shape.event, on: localDate }),
  /** Fry that died, were moved on, or went into a brood of their own. */
  'brood.left': z.object({
    broodId: id,
    fry: fryCount.min(1),
    on: localDate,
    how: z.enum(['died', 'moved on', 'split']),
    toBroodId: id.nullable(),
  }),
  'brood.ended': z.object({ broodId: id, on: localDate, reason: z.string().max(200) }),
  'brood.measured': z.object({
    broodId: id,
    on: localDate,
    lengthsMm: z.array(z.number().min(1).max(500)).min(1).max(50),
  }),
  'brood.bellies': z.object({
    broodId: id,
    on: localDate,
    foodId,
    preyUm: z.number().positive().max(20_000),
    bellies: z.enum(['empty', 'some', 'full', 'orange']),
    weaning: z.boolean(),
  }),
  'weaning.started': z.object({ broodId: id, foodId, on: localDate }),
  'weaning.decided': z.object({ broodId: id, foodId, take: z.boolean(), on: localDate }),
}
