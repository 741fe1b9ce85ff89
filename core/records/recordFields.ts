import * as z from 'zod'

/** Fields that records and entries share. */
export const id = z.string().regex(/^[0-9A-Z]{26}$/, 'not an id of this app')
/** Nothing in a room is older or later: beyond lies a slip of the pen or a clock that ran away. */
const within = (text: string) => text >= '2000' && text < '2100'
const NOT_WITHIN = 'lies outside the years 2000 to 2099'
export const instant = z.iso.datetime().refine(within, NOT_WITHIN)
export const localDate = z.iso.date().refine(within, NOT_WITHIN)
export const name = z.string().trim().min(1).max(60)
export const foodId = z.string().min(1).max(60)
/** Less than this of anything is nothing that can be measured. */
const LEAST = 1e-6
export const positive = (max: number) => z.number().min(LEAST).max(max)

export const base = {
  id,
  updatedAt: instant,
  removedAt: instant.nullable().default(null),
  /** Which versions of it this one was written over, by their updatedAt: what is missing here was changed apart. */
  over: z.array(instant).max(20).optional(),
}
