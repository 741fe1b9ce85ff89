import * as z from 'zod'
import { id } from '../recordFields'
import { MATERIAL_UNITS } from '../vocabulary'
import { about } from './fields'

const amount = z.number().min(0).max(1e6)

/** What is bought, mixed, counted and taken of the materials of a room. */
export const materialEntries = {
  /** Something was bought and stands here: a material, a lot of cysts, food, or a thing. */
  'purchase.made': z.object({
    purchaseId: id,
    of: about,
    name: z.string().trim().min(1).max(60),
    /** In the unit of what it is; of a thing: how many. */
    amount: z.number().min(1e-6).max(1e6),
    unit: z.enum(MATERIAL_UNITS),
    /** In the currency of the room, for all of it; null where nobody knows. */
    price: z.number().min(0).max(1e6).nullable(),
    /** Months over which a thing is written down; null for what is used up. */
    months: z.number().int().min(1).max(240).nullable().default(null),
  }),
  /** What was left, by weight or by eye: it holds from then on. */
  'material.counted': z.object({ materialId: id, amount }),
  /** Taken for something that no other entry tells of. */
  'material.taken': z.object({ materialId: id, amount, what: z.string().max(120) }),
  /** So much of one was mixed out of others. */
  'material.mixed': z.object({
    materialId: id,
    amount,
    out: z.array(z.object({ materialId: id, amount })).max(10),
  }),
}
