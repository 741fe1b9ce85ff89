import * as z from 'zod'
import { base, foodId, id, localDate, name } from './recordFields'

/** Schemas of broods and of fish that are the room’s own. */

const days = z.number().min(0).max(400)
const span = z.tuple([days, days, days])
const mm = z.number().positive().max(2000)

/** A fish of the user's own, made by copying one of the catalogue. */
export const species = z.object({
  ...base,
  type: z.literal('species'),
  name,
  latin: z.string().trim().max(80),
  basedOn: z.string().min(1).max(60),
  guild: z.enum(['carnivore', 'omnivore', 'grazer']),
  zones: z
    .array(z.enum(['surface', 'column', 'bottom']))
    .min(1)
    .max(3),
  birth: z.enum(['eggs', 'mouth', 'live', 'diapause']),
  hatchDays: span,
  swimDays: span,
  firstFeedingMm: mm,
  gapePerLength: z.number().min(0.03).max(0.15),
  length14Mm: mm,
  length30Mm: mm,
  adultMm: mm,
  referenceC: z.number().min(10).max(34),
  marine: z.boolean(),
})

export const lifeAnchor = z.object({
  event: z.enum(['spawned', 'hatched', 'free']),
  on: localDate,
  kind: z.enum(['seen', 'expected']),
  spreadDays: z.number().min(0).max(60),
})

export const wishes = z.object({
  school: z.enum(['ladder', 'algae-tank', 'powder-bridge', 'straight-to-nauplii']),
  forbidden: z.array(foodId).max(100),
  preferred: z.array(foodId).max(100),
  pins: z
    .array(
      z.object({
        food: foodId,
        share: z.number().min(0.01).max(1),
        fromDay: z.number().int().min(0).max(400),
        toDay: z.number().int().min(0).max(400),
      }),
    )
    .max(20),
})

export const brood = z.object({
  ...base,
  type: z.literal('brood'),
  name,
  /** Of the catalogue, or the id of an own species. */
  speciesId: z.string().min(1).max(60),
  tankId: id,
  /** What the dates are worked out from, until something else is seen. */
  anchor: lifeAnchor,
  fry: z.number().int().min(1).max(100_000),
  /** The day the number above was true; mortality is counted from here. */
  countedOn: localDate,
  /** The brood it was split from; it lives as long as that split stands in the log. */
  splitFrom: id.nullable().default(null),
  wishes: wishes.default({ school: 'ladder', forbidden: [], preferred: [], pins: [] }),
})
