import * as z from 'zod'
import { base, localDate, name, positive } from './recordFields'
import { LOT_KEEPS, MATERIAL_UNITS, MATERIALS } from './vocabulary'

/** Schemas of what is bought and used up: salts, lots of cysts, materials. */

export const salt = z.object({
  ...base,
  type: z.literal('salt'),
  name,
  kind: z.enum(['fine', 'coarse', 'sea-mix', 'own']),
  gPerMl: z.number().min(0.3).max(2.5).brand<'g/mL'>(),
  iodised: z.boolean(),
})

export const lot = z.object({
  ...base,
  type: z.literal('lot'),
  name,
  /** What the tin says, or a guess; harvest counts correct it. */
  hatch: z.number().min(0.01).max(1),
  cystsPerG: z.number().min(100_000).max(500_000),
  speed: z.number().min(0.5).max(2),
  /** "90 % in 24 h at 28 C": the hours and the warmth of the tin's share; null where it says none. */
  tin: z
    .object({ hours: z.number().min(10).max(96), temperatureC: z.number().min(18).max(32) })
    .nullable()
    .default(null),
  spread: z.number().min(0.05).max(0.5),
  gramsAtStart: z.number().min(0).max(100_000).brand<'g'>(),
  /** Sealed until then; null: until the first hatch out of it. */
  openedOn: localDate.nullable().default(null),
  kept: z.enum(LOT_KEEPS).default('fridge'),
  price: z.number().min(0).max(1_000_000).nullable(),
  priceGrams: positive(100_000).nullable(),
})

/** Something that is kept and used up: of the catalogue, or the user's own. */
export const material = z.object({
  ...base,
  type: z.literal('material'),
  name,
  /** What recipes call it; null for one of the user's own, which only counts and takings lower. */
  of: z.enum(MATERIALS).nullable(),
  unit: z.enum(MATERIAL_UNITS),
  /** As it is bought; null where nobody has said. */
  packSize: positive(1e6).nullable().default(null),
  packPrice: z.number().min(0).max(1e6).nullable().default(null),
  /** Where it is bought: the room's own words. */
  from: z.string().trim().max(60).default(''),
  leadDays: z.number().int().min(0).max(90).default(2),
  /** So much is always to stand here. */
  least: z.number().min(0).max(1e6).default(0),
  /** Days that it is good for from the day it came; null without end. */
  keepsDays: z.number().min(1).max(4000).nullable().default(null),
  /** Of a stock brine: its salt, g/L. */
  saltGL: z.number().min(1).max(400).nullable().default(null),
})
