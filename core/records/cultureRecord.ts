import * as z from 'zod'
import { base, foodId, id, instant, name, positive } from './recordFields'
import { LEVELS, VESSEL_KINDS } from './vocabulary'

/** A vessel in which a food grows, from its start on. What happens to it stands in the log. */
export const culture = z.object({
  ...base,
  type: z.literal('culture'),
  name,
  foodId,
  methodId: z.string().min(1).max(60),
  kind: z.string().min(1).max(60).nullable().default(null),
  placeId: id.nullable().default(null),
  startedAt: instant,
  litres: positive(20_000).brand<'L'>(),
  depthCm: positive(500).nullable().default(null),
  widthCm: positive(500).nullable().default(null),
  /** Starter against the usual one of the method. */
  starter: positive(10_000).default(1),
  matterGPerL: z.number().min(0).max(100).nullable().default(null),
  temperatureC: z.number().min(-5).max(45).brand<'degC'>(),
  /** `place`: as warm as the place where it stands; `own`: warmed by itself. */
  warmth: z.enum(['own', 'place']).default('own'),
  /** Where it was put when it was started; moves stand in the log. */
  level: z.enum(LEVELS).default('middle'),
  /** What it stands in: a vessel of the room, and how that is drawn. */
  vesselId: id.nullable().default(null),
  vesselKind: z.enum(VESSEL_KINDS).nullable().default(null),
  /** Three letters for the tape. */
  code: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .nullable()
    .default(null),
  /** From left to right on its shelf. */
  order: z.number().default(0),
  setId: id.nullable().default(null),
  /** A mother is kept clean and never fed from. */
  mother: z.boolean().default(false),
  /** True: it lives as long as its `culture.started` stands in the log. */
  logged: z.boolean().default(false),
})
