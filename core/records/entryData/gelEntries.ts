import * as z from 'zod'
import { id } from '../recordFields'
import { COLD_STORES, GEL_FORMS } from '../vocabulary'
import { positive } from './fields'

/** Gel as it was cooked. */
export const gelEntries = {
  /** A batch of gel as it was mixed and as it landed. Its box is called by the same id. */
  'gel.cooked': z.object({
    batchId: id,
    mixId: id,
    boxName: z.string().trim().min(1).max(60),
    store: z.enum(COLD_STORES),
    form: z.enum(GEL_FORMS),
    powderG: positive,
    powderMl: positive.nullable(),
    waterMl: positive,
    /** What the trays took, and what was left in the bowl, mL. */
    filledMl: positive,
    leftMl: z.number().min(0).max(1e6),
    /** Weighed as it stands in the box; null where it was not. */
    landedG: positive.nullable(),
    pieces: z.number().int().min(1).max(100_000),
    pieceMm: z.number().positive().max(500).nullable(),
    /** Of the powder, percent; solid share and loss it was reckoned with. */
    moisture: z.number().min(0).max(99),
    solidShare: z.number().min(0.05).max(1),
    lossShare: z.number().min(0).max(0.5),
    protein: z.number().min(0).max(100),
  }),
}
