import * as z from 'zod'
import { brood, species } from './broodRecords'
import { culture } from './cultureRecord'
import { gelIngredient, gelMix, gelTray } from './gelRecords'
import { place, rollingSet, room, tank, tool, vessel } from './roomRecords'
import { lot, material, salt } from './storeRecords'
import { trial } from './trialRecord'

/** Everything that is stored and can be edited. The newest updatedAt wins in a merge. */
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
