import * as z from 'zod'
import { isTimeZone } from '../time/localDate'
import { base, foodId, id, name, positive } from './recordFields'
import { HATCH_SCHOOLS, LOT_ORDERS, VESSEL_KINDS } from './vocabulary'

/** Schemas of the room and of what stands in it: places, vessels, sets, tanks, measures. */

export const measureSystem = z.enum(['metric', 'us'])

const minutes = z.number().min(0).max(600)
export const roundTime = z.object({
  name: name,
  at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'not a clock time such as 06:30'),
  /** Tanks are fed at it and nothing else: no bottle is started or pulled. */
  feedingOnly: z.boolean().default(false),
  /** Minutes there are for it; null for the usual (core/time/roundBudget.ts). */
  minutes: minutes.nullable().default(null),
  /** Where days of the week differ, Monday first; null for a day that does not. */
  minutesByDay: z.array(minutes.nullable()).length(7).nullable().default(null),
})

export const room = z.object({
  ...base,
  type: z.literal('room'),
  name,
  timeZone: z.string().refine(isTimeZone, 'not a time zone this device knows'),
  rounds: z.array(roundTime).min(1).max(5),
  measures: measureSystem,
  water: z.object({ pH: z.number().min(3).max(11).nullable(), soft: z.boolean() }),
  /** Which lot of cysts is used next. */
  lotOrder: z.enum(LOT_ORDERS).default('ages-first'),
  /** How hatches are run here; null: one pull or two, as it suits the meals. */
  hatchSchool: z.enum(HATCH_SCHOOLS).nullable().default(null),
  /** Salt wanted in the hatch bottle, g/L. */
  hatchSaltGL: z.number().min(3).max(60).brand<'g/L'>(),
  /** Foods that are kept here or can be had at once; ladders are made of them. */
  foods: z.array(foodId).max(100).default(['brine-shrimp']),
  /** Cubes of frozen nauplii that are wanted by a date, made of what is over. */
  cubesWanted: z
    .object({ cubes: z.number().int().min(1).max(2000), by: z.iso.date() })
    .nullable()
    .default(null),
  /** What prices are in: a sign or three letters. */
  currency: z.string().trim().min(1).max(4).optional(),
  /** Price of a kilowatt hour, and the warmth of the air that heaters work against; null: energy is not counted. */
  energy: z
    .object({ perKwh: z.number().min(0).max(100), airC: z.number().min(-10).max(40) })
    .nullable()
    .optional(),
  /** Where other devices reach this app; labels carry it. Empty: the address it is opened at. */
  address: z.string().trim().max(200).default(''),
})

const air = z.number().min(-20).max(50).brand<'degC'>().nullable().default(null)

/** A rack, a sill, a bench. Warm air rises: top and bottom may be given apart; one of them holds for both. */
export const place = z.object({ ...base, type: z.literal('place'), name, topC: air, bottomC: air })

/** A thing that holds water or mash: cone, jar, tub, tray. Cultures stand in it one after the other. */
export const vessel = z.object({
  ...base,
  type: z.literal('vessel'),
  placeId: id.nullable().default(null),
  name,
  kind: z.enum(VESSEL_KINDS),
  /** Water it is filled with, L. */
  litres: positive(20_000).brand<'L'>(),
  /** Where it is warmed by itself; null where it is as warm as its place. */
  temperatureC: z.number().min(10).max(38).brand<'degC'>().nullable().default(null),
  lit: z.boolean().default(false),
  /** What its heater, lamp and air take, W; 0: not counted. */
  watts: z.number().min(0).max(10_000).optional(),
  /** Cysts are hatched in it. */
  hatching: z.boolean().default(false),
})

/** Vessels of one food that are reset in turn. */
export const rollingSet = z.object({
  ...base,
  type: z.literal('rolling-set'),
  name,
  foodId,
  /** Days from one reset to the next. */ everyDays: z.number().min(1).max(400),
})

export const tank = z.object({
  ...base,
  type: z.literal('tank'),
  placeId: id.nullable(),
  name,
  litres: positive(20_000).brand<'L'>(),
  temperatureC: z.number().min(4).max(40).brand<'degC'>(),
  pH: z.number().min(3).max(11).nullable().default(null),
  /** A mature filter takes part of the ammonia. */
  filter: z.boolean().default(true),
  /** Share of the water that is changed a day. */
  changePerDay: z.number().min(0).max(1).default(0.1),
  /** What its heater takes, W. */
  watts: z.number().min(0).max(10_000).optional(),
  /** Share of a meal that tank mates eat, and that the filter carries off. */
  matesShare: z.number().min(0).max(0.9).default(0),
  filterShare: z.number().min(0).max(0.9).default(0),
  /** Grown fish that want live food now and then. */
  grown: z
    .object({
      fish: z.number().int().min(1).max(10_000),
      lengthMm: z.number().min(5).max(1000),
      everyDays: z.number().min(0.5).max(60),
    })
    .nullable()
    .default(null),
})

/** A thing that measures: one drop of a pipette, one full pipette, one level spoon. */
export const tool = z.object({
  ...base,
  type: z.literal('tool'),
  name,
  kind: z.enum(['drop', 'pipette', 'spoon']),
  /** What is printed on it, or taken for it, mL; fillings on a scale correct it. */
  ml: z.number().min(0.005).max(500).brand<'mL'>(),
})
