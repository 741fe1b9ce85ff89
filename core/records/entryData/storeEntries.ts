import * as z from 'zod'
import { foodId, id, instant, localDate } from '../recordFields'
import { HAND_UNITS, LOT_KEEPS, NAKED_CYSTS, ORDERS, STORE_KEEPS } from '../vocabulary'

const storeName = z.string().max(60).default('')

/** Food that no longer grows, lots of cysts, and what is ordered. */
export const storeEntries = {
  /** Food that no longer grows is put by: chilled, frozen, in brine, dry. */
  'store.filled': z.object({
    storeId: id,
    name: z.string().trim().min(1).max(60),
    foodId,
    keep: z.enum(STORE_KEEPS),
    unit: z.enum(HAND_UNITS),
    /** In the unit; null where nobody measured. */
    amount: z.number().positive().max(1e9).nullable(),
    organisms: z.number().min(0).max(1e15).nullable(),
    energy: z.number().min(0).max(1).default(1),
    /** The culture it came out of. */
    fromId: id.nullable().default(null),
    useBy: instant.nullable().default(null),
  }),
  'store.counted': z.object({ storeId: id, name: storeName, amount: z.number().min(0).max(1e9) }),
  /** Put into the day's tub to thaw, and for which tanks. */
  'store.portioned': z.object({
    storeId: id,
    name: storeName,
    on: localDate,
    tanks: z.array(z.object({ tankId: id, amount: z.number().min(0).max(10_000) })).max(200),
    amount: z.number().min(0).max(100_000),
  }),
  'store.discarded': z.object({
    storeId: id,
    name: storeName,
    /** Null: all that was left. */
    amount: z.number().min(0).max(1e9).nullable().default(null),
    reason: z.string().max(200),
  }),
  /** Something is on its way: a starter, cysts, a food; and it came. */
  'order.placed': z.object({
    orderId: id,
    what: z.enum(ORDERS),
    foodId: foodId.nullable().default(null),
    /** The start of the plan that it is for. */
    startId: z.string().max(90).nullable().default(null),
    comesOn: localDate,
    /** A material of the room, and how much of it. */
    materialId: id.nullable().optional(),
    amount: z.number().min(1e-6).max(1e6).optional(),
  }),
  /** It came; or it is not waited for any more. */
  'order.came': z.object({ orderId: id, came: z.boolean().default(true) }),
  /** So many grams went from the tin into a box that is worked from, and that is kept so. */
  'lot.boxed': z.object({
    lotId: id,
    grams: z.number().min(0.01).max(1000).brand<'g'>(),
    kept: z.enum(LOT_KEEPS),
  }),
  'lot.weighed': z.object({ lotId: id, grams: z.number().min(0).max(100_000) }),
  /** Cysts of a lot had their shells taken off, dry g of them, and what became of them. */
  'lot.decapsulated': z.object({
    lotId: id,
    grams: z.number().positive().max(1000),
    outcome: z.enum(NAKED_CYSTS),
    /** Minutes in the bleach, and the warmest that was read, °C; null where nobody read. */
    minutes: z.number().min(0).max(120).nullable(),
    warmestC: z.number().min(-5).max(100).nullable(),
  }),
  /** Lengths of newly hatched nauplii of a lot, um. */
  'lot.measured': z.object({
    lotId: id,
    lengthsUm: z.array(z.number().min(200).max(1200)).min(1).max(100),
  }),
}
