import * as z from 'zod'
import { id, instant } from '../recordFields'
import {
  ACTION_KINDS,
  AMOUNT_UNITS,
  CLEAN_RULES,
  CLEANERS,
  ENDINGS,
  LEVELS,
  ORIGINS,
  REFUSALS,
  SIGNS,
  STRANGERS,
  WATERS,
} from '../vocabulary'
import { celsius, course, grams, seen } from './fields'

const despite = z.array(z.enum(REFUSALS)).max(10).default([])
const air = z.number().min(-20).max(50).brand<'degC'>()
/** A bottle that is drawn from for three days at five rounds a day. */
const PULLS_MOST = 15
export const hatchSetup = z.object({
  lotId: id,
  saltId: id,
  waterL: z.number().min(1e-3).max(200).brand<'L'>(),
  saltG: grams(20_000),
  cystsG: grams(2000),
  sodaG: grams(400),
  temperatureC: celsius,
  lit: z.boolean(),
  decapsulated: z.boolean(),
  /** Rounds at which it is meant to be pulled. */
  pullsAt: z.array(instant).max(PULLS_MOST),
  /** What was proposed, when the user did something else. */
  proposed: z.object({ waterL: z.number(), saltG: z.number(), cystsG: z.number() }).nullable(),
})
const words = z.string().trim().max(60).default('')
export const madeWith = z.object({
  matter: words,
  water: words,
  medium: words,
  remark: z.string().trim().max(200).default(''),
})
const dropCount = z.object({
  animals: z.number().int().min(0).max(100_000),
  samples: z.number().int().min(1).max(1000),
  sampleMl: z.number().positive().max(100),
})

/** The life of a culture, of its vessel and of its place. */
export const cultureEntries = {
  'vessel.cleaned': z.object({ vesselId: id, cleaner: z.enum(CLEANERS) }),
  /** Set up: from what, and how much of it. Its record lives as long as this stands. */
  'culture.started': z.object({
    cultureId: id,
    origin: z.enum(ORIGINS),
    parentIds: z.array(id).max(20),
    starterMl: z.number().min(0).max(1e7).nullable(),
    despite,
    /** Out of which stores it was made, where that is not what its recipe says. */
    taken: z
      .array(z.object({ materialId: id, amount: z.number().min(0).max(1e6) }))
      .max(20)
      .nullable()
      .optional(),
    /** What it was made with, in the room's own words. */
    made: madeWith.nullable().optional(),
    /** What went in, for a culture that hatches; null for all others. */
    hatch: hatchSetup.nullable().default(null),
  }),
  /** A harvest as it looked in the cup, and the share of the vessel that was taken for it. */
  'culture.harvested': z.object({
    cultureId: id,
    /** Null where nobody judged it: a portion drawn in passing. */
    seen: seen.nullable(),
    share: z.number().min(0).max(1),
    /** What was drawn, where it was measured. */
    ml: z.number().min(0).max(1e7).nullable().default(null),
    organisms: z.number().min(0).max(1e15).nullable().default(null),
    energy: z.number().min(0).max(1).default(1),
    count: dropCount.nullable().default(null),
    /** The cup that a hatch was drawn into, mL. */
    cupMl: z.number().positive().max(20_000).nullable().default(null),
    /** Nothing is left in the vessel: it has ended. */
    finished: z.boolean().default(false),
    /** For whom it was drawn, and at which round. */
    roundKey: z.string().max(40).nullable().default(null),
    portions: z
      .array(
        z.object({
          tankId: id,
          organisms: z.number().min(0).max(1e15).nullable(),
          ml: z.number().min(0).max(1e7).nullable(),
        }),
      )
      .max(100)
      .default([]),
    despite,
  }),
  'culture.ended': z.object({
    cultureId: id,
    how: z.enum(ENDINGS),
    cleaner: z.enum(CLEANERS).nullable().default(null),
    reason: z.string().max(200).default(''),
    despite,
  }),
  /** Signs of a vessel as graded by eye, nose and torch; 0 none to 3 much. */
  'culture.looked': z.object({
    cultureId: id,
    signs: z.partialRecord(z.enum(SIGNS), z.number().min(0).max(4)),
    /** What else swims in it; not there: nobody looked for it. */
    strangers: z.array(z.enum(STRANGERS)).max(STRANGERS.length).optional(),
  }),
  'culture.did': z.object({
    cultureId: id,
    action: z.enum(ACTION_KINDS),
    amount: z.number().min(0).max(1e9).nullable(),
    unit: z.enum(AMOUNT_UNITS).nullable(),
    /** In words: with what, and what was proposed when something else was done. */
    what: z.string().max(200).default(''),
    agent: z
      .enum([...WATERS, ...CLEANERS])
      .nullable()
      .default(null),
    proposed: z.number().min(0).max(1e9).nullable().default(null),
    /** Done although it was refused. */
    despite,
  }),
  'culture.moved': z.object({ cultureId: id, placeId: id.nullable(), level: z.enum(LEVELS) }),
  /** Set apart from the others, or let back. */
  'culture.quarantined': z.object({
    cultureId: id,
    apart: z.boolean(),
    reason: z.string().max(200),
  }),
  /** A rule that keeps a line clean was broken. */
  'culture.crossed': z.object({ cultureId: id, rule: z.enum(CLEAN_RULES) }),
  /** Thermometers of a place; null for one that is not there. */
  'place.temperature': z.object({
    placeId: id,
    topC: air.nullable(),
    bottomC: air.nullable(),
    was: z.object({ topC: air.nullable(), bottomC: air.nullable() }).nullable(),
  }),
  'culture.temperature': z.object({ cultureId: id, temperatureC: celsius }),
  /** What an instrument in its vessel, or in the bath it stands in, showed. */
  'culture.course': z.object({ cultureId: id, ...course }),
  'place.course': z.object({ placeId: id, ...course }),
  /** Water of a vessel as tested, and the soda that had gone into it by then, g in all. */
  'culture.tested': z.object({
    cultureId: id,
    pH: z.number().min(3).max(11),
    sodaG: grams(400),
  }),
  /** Specific gravity of salt water, at 25/25 C. */
  'culture.gravity': z.object({ cultureId: id, sg: z.number().min(1).max(1.06) }),
  /** Somebody wanted to harvest and found it not worth it. */
  'culture.refused': z.object({ cultureId: id }),
}
