import * as z from 'zod'
import { isTimeZone } from '../time/localDate'

/** Schemas of everything that is stored and can be edited. The newest updatedAt wins in a merge. */
export const id = z.string().regex(/^[0-9A-Z]{26}$/, 'not an id of this app')
export const instant = z.iso.datetime()
export const localDate = z.iso.date()
const name = z.string().trim().min(1).max(60)
const positive = (max: number) => z.number().positive().max(max)

const base = { id, updatedAt: instant, removedAt: instant.nullable().default(null) }

export const measureSystem = z.enum(['metric', 'us'])

export const roundTime = z.object({ name: name, at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'not a clock time such as 06:30') })

export const room = z.object({
  ...base, type: z.literal('room'),
  name,
  timeZone: z.string().refine(isTimeZone, 'not a time zone this device knows'),
  rounds: z.array(roundTime).min(1).max(5),
  measures: measureSystem,
  water: z.object({ pH: z.number().min(3).max(11).nullable(), soft: z.boolean() }),
  /** Salt wanted in the hatch bottle, g/L. */
  hatchSaltGL: z.number().min(3).max(60).brand<'g/L'>(),
})

export const place = z.object({ ...base, type: z.literal('place'), name })

export const vessel = z.object({
  ...base, type: z.literal('vessel'),
  placeId: id, name,
  shape: z.enum(['cone', 'bottle']),
  /** Water it is filled with, L. */
  litres: positive(200).brand<'L'>(),
  temperatureC: z.number().min(10).max(38).brand<'degC'>(),
  lit: z.boolean(),
})

export const salt = z.object({
  ...base, type: z.literal('salt'),
  name, kind: z.enum(['fine', 'coarse', 'sea-mix', 'own']),
  gPerMl: z.number().min(0.3).max(2.5).brand<'g/mL'>(),
  iodised: z.boolean(),
})

export const lot = z.object({
  ...base, type: z.literal('lot'),
  name,
  /** What the tin says, or a guess; harvest counts correct it. */
  hatch: z.number().min(0.01).max(1),
  cystsPerG: z.number().min(100_000).max(500_000),
  speed: z.number().min(0.5).max(2),
  spread: z.number().min(0.05).max(0.5),
  gramsAtStart: z.number().min(0).max(100_000).brand<'g'>(),
  price: z.number().min(0).max(1_000_000).nullable(),
  priceGrams: positive(100_000).nullable(),
})

export const tank = z.object({ ...base, type: z.literal('tank'), placeId: id.nullable(), name, litres: positive(20_000).brand<'L'>(), temperatureC: z.number().min(4).max(40).brand<'degC'>() })

/** A user's own numbers for a fish the catalogue lacks. */
export const ownSpecies = z.object({
  name, firstFeedingMm: z.number().min(1.5).max(15), gapePerLength: z.number().min(0.03).max(0.15),
  length14Mm: z.number().min(2).max(40), length30Mm: z.number().min(2).max(80), adultMm: z.number().min(8).max(1000), referenceC: z.number().min(10).max(34),
})

export const brood = z.object({
  ...base, type: z.literal('brood'),
  name,
  speciesId: z.string().min(1).max(60),
  own: ownSpecies.nullable(),
  tankId: id,
  freeSwimmingOn: localDate,
  dateKind: z.enum(['seen', 'expected']),
  fry: z.number().int().min(1).max(100_000),
  /** The day the number above was true; mortality is counted from here. */
  countedOn: localDate,
})

export const anyRecord = z.discriminatedUnion('type', [room, place, vessel, salt, lot, tank, brood])

export type Room = z.infer<typeof room>
export type Place = z.infer<typeof place>
export type Vessel = z.infer<typeof vessel>
export type SaltRecord = z.infer<typeof salt>
export type Lot = z.infer<typeof lot>
export type Tank = z.infer<typeof tank>
export type OwnSpecies = z.infer<typeof ownSpecies>
export type Brood = z.infer<typeof brood>
export type AnyRecord = z.infer<typeof anyRecord>
export type RecordType = AnyRecord['type']
export type RecordOf<T extends RecordType> = Extract<AnyRecord, { type: T }>
