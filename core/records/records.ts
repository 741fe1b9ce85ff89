import * as z from 'zod'
import { isTimeZone } from '../time/localDate'
import { base, foodId, id, instant, localDate, name, positive } from './recordFields'
import { trial } from './trialRecord'
import {
  GEL_FORMS,
  HATCH_SCHOOLS,
  INGREDIENT_ROLES,
  LEVELS,
  LOT_KEEPS,
  LOT_ORDERS,
  MATERIAL_UNITS,
  MATERIALS,
  MILLINGS,
  VESSEL_KINDS,
} from './vocabulary'

/** Schemas of everything that is stored and can be edited. The newest updatedAt wins in a merge. */
export { foodId, id, instant, localDate }

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
  /** "90 % in 24 h at 28 C": the hours and the warmth for which the tin gives its share; null where it says nothing of them. */
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

/** A thing that measures: one drop of a pipette, one full pipette, one level spoon. */
export const tool = z.object({
  ...base,
  type: z.literal('tool'),
  name,
  kind: z.enum(['drop', 'pipette', 'spoon']),
  /** What is printed on it, or taken for it, mL; fillings on a scale correct it. */
  ml: z.number().min(0.005).max(500).brand<'mL'>(),
})

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

const percent = z.number().min(0).max(100)
/** What a label says: percent as bought, the water in it included. */
export const feedLabel = z
  .object({ protein: percent, fat: percent, fibre: percent, ash: percent, moisture: percent })
  .refine(
    l => l.protein + l.fat + l.fibre + l.ash + l.moisture <= 100.01,
    'the parts of a label are more than the whole',
  )
const range = z.tuple([percent, percent])

/** An ingredient of gel diets: the user's own, or what the user knows better of one in the table. */
export const gelIngredient = z.object({
  ...base,
  type: z.literal('gel-ingredient'),
  name,
  /** Id in the table that it stands for; null for one of the user's own. */
  basedOn: z.string().min(1).max(60).nullable(),
  label: feedLabel,
  calcium: percent.nullable(),
  phosphorus: percent.nullable(),
  costPerKg: z.number().min(0).max(1e6),
  particleUm: positive(50_000).nullable(),
  milling: z.enum(MILLINGS),
  gPerMl: z.number().min(0.05).max(3).brand<'g/mL'>(),
  role: z.enum(INGREDIENT_ROLES),
  collagen: z.boolean().default(false),
  /** Largest share of a dry mix. */
  most: z.number().min(0).max(1),
  atHand: z.boolean(),
})

/** A tray, a bag or an object to coat: cells of a size, or a volume that was measured. */
export const gelTray = z.object({
  ...base,
  type: z.literal('gel-tray'),
  name,
  form: z.enum(GEL_FORMS),
  fill: z.union([
    z.object({ ml: positive(20_000) }),
    z.object({
      cells: z.number().int().min(1).max(5000),
      lengthMm: positive(1000),
      widthMm: positive(1000),
      heightMm: positive(500),
    }),
  ]),
})

/** A gel diet: a ready powder by its label, or an own formula. */
export const gelMix = z.object({
  ...base,
  type: z.literal('gel-mix'),
  name,
  /** Of the powder as bought, or of the dry mix (moisture 0). */
  label: feedLabel,
  /** Loose bulk density. */
  gPerMl: z.number().min(0.05).max(3).brand<'g/mL'>(),
  costPerKg: z.number().min(0).max(1e6),
  particleUm: positive(50_000).nullable(),
  binder: z.string().min(1).max(40),
  firmness: z.enum(['soft', 'standard', 'firm']),
  /** Volumes of water on a volume of loose powder. */
  parts: z.number().min(0.2).max(20),
  /** Powder there is, g; null where nobody weighed. Batches are taken off it. */
  grams: z.number().min(0).max(1e6).nullable().default(null),
  weighedAt: instant.nullable().default(null),
  /** Null for a ready powder. */
  formula: z
    .object({
      shares: z
        .array(z.object({ id: z.string().min(1).max(60), share: z.number().min(0).max(1) }))
        .min(1)
        .max(60),
      /** Grams of water in the gel on a gram of dry mix. */
      waterByMass: z.number().min(0.5).max(8),
      sieveUm: positive(50_000).nullable(),
      objective: z.enum(['cost', 'nearest', 'fewest']),
      targets: z.object({
        protein: range,
        fat: range,
        fibre: range,
        ash: range,
        calcium: percent.default(0),
        phosphorus: percent.default(0),
      }),
    })
    .nullable(),
  /** Broods it is for; empty for any. */
  broodIds: z.array(id).max(200).default([]),
  job: z.enum(['pick', 'graze']),
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

export const anyRecord = z.discriminatedUnion('type', [
  room,
  place,
  rollingSet,
  vessel,
  salt,
  lot,
  tank,
  species,
  brood,
  tool,
  culture,
  gelIngredient,
  gelTray,
  gelMix,
  material,
  trial,
])

export type Room = z.infer<typeof room>
export type Place = z.infer<typeof place>
export type RollingSet = z.infer<typeof rollingSet>
export type Vessel = z.infer<typeof vessel>
export type SaltRecord = z.infer<typeof salt>
export type Lot = z.infer<typeof lot>
export type Tank = z.infer<typeof tank>
export type SpeciesRecord = z.infer<typeof species>
export type Brood = z.infer<typeof brood>
export type Tool = z.infer<typeof tool>
export type CultureRecord = z.infer<typeof culture>
export type GelIngredientRecord = z.infer<typeof gelIngredient>
export type GelTray = z.infer<typeof gelTray>
export type GelMix = z.infer<typeof gelMix>
export type MaterialRecord = z.infer<typeof material>
export type TrialRecord = z.infer<typeof trial>
export type AnyRecord = z.infer<typeof anyRecord>
export type RecordType = AnyRecord['type']
export type RecordOf<T extends RecordType> = Extract<AnyRecord, { type: T }>
