import * as z from 'zod'
import { instant } from '../recordFields'
import { COURSE_SOURCES, HARVEST_GRADES } from '../vocabulary'

/** Fields that entries of several kinds share. */
export const celsius = z.number().min(-5).max(60).brand<'degC'>()
export const grams = (max: number) => z.number().min(0).max(max).brand<'g'>()
export const seen = z.enum(HARVEST_GRADES)
export const positive = z.number().min(1e-6).max(1e6)
/** What an instrument showed over a time, in order; straight lines join the points. */
export const course = {
  how: z.enum(COURSE_SOURCES),
  points: z
    .array(z.object({ at: instant, c: z.number().min(-30).max(70) }))
    .min(1)
    .max(2000),
}
export const about = z.object({ type: z.string().max(20), id: z.string().max(60) })
