import * as z from 'zod'
import { HARVEST_GRADES } from '../vocabulary'

/** Fields that entries of several kinds share. */
export const celsius = z.number().min(-5).max(60).brand<'degC'>()
export const grams = (max: number) => z.number().min(0).max(max).brand<'g'>()
export const seen = z.enum(HARVEST_GRADES)
export const positive = z.number().min(1e-6).max(1e6)
export const about = z.object({ type: z.string().max(20), id: z.string().max(60) })
