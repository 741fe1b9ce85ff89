import * as z from 'zod'
import { broodEntries } from './entryData/broodEntries'
import { countEntries } from './entryData/countEntries'
import { cultureEntries, hatchSetup } from './entryData/cultureEntries'
import { about } from './entryData/fields'
import { gelEntries } from './entryData/gelEntries'
import { materialEntries } from './entryData/materialEntries'
import { planEntries } from './entryData/planEntries'
import { roundEntries } from './entryData/roundEntries'
import { storeEntries } from './entryData/storeEntries'
import { tankEntries } from './entryData/tankEntries'
import { trialEntries } from './entryData/trialEntries'
import { id, instant } from './recordFields'

/** Facts of the log. An entry is never changed: a correction supersedes it, an undo strikes out its act. */
const data = {
  ...tankEntries,
  ...storeEntries,
  ...broodEntries,
  ...cultureEntries,
  ...countEntries,
  ...planEntries,
  ...gelEntries,
  ...materialEntries,
  ...trialEntries,
  ...roundEntries,
} as const

export type EntryKind = keyof typeof data
export type EntryData<K extends EntryKind> = z.infer<(typeof data)[K]>
export type HatchSetup = z.infer<typeof hatchSetup>
/** What a tank was given of one food. */
export type Portion = EntryData<'tank.fed'>['portions'][number]

const common = {
  id,
  at: instant,
  /** The device that wrote it. */
  by: z.string().min(1).max(60),
  /** Entries that were written together share an act, and are undone together. */
  act: id,
  subject: about,
  supersedes: id.nullable(),
  /** The proposal this entry answers, so that a second tab cannot answer it again. */
  answers: z.string().max(160).nullable().default(null),
}

const of = <K extends EntryKind>(kind: K) =>
  z.object({ ...common, kind: z.literal(kind), data: data[kind] })

export const entry = z.discriminatedUnion('kind', [
  of('tank.fed'),
  of('store.filled'),
  of('store.counted'),
  of('store.portioned'),
  of('store.discarded'),
  of('stop.answered'),
  of('order.placed'),
  of('order.came'),
  of('brood.awaited'),
  of('vessel.cleaned'),
  of('clock.started'),
  of('clock.seen'),
  of('lot.weighed'),
  of('lot.boxed'),
  of('purchase.made'),
  of('material.counted'),
  of('material.taken'),
  of('material.mixed'),
  of('trial.valued'),
  of('trial.lost'),
  of('trial.opened'),
  of('trial.ended'),
  of('brood.counted'),
  of('brood.event'),
  of('brood.left'),
  of('brood.ended'),
  of('brood.measured'),
  of('brood.bellies'),
  of('weaning.started'),
  of('weaning.decided'),
  of('tank.temperature'),
  of('tank.task'),
  of('culture.looked'),
  of('culture.did'),
  of('culture.temperature'),
  of('culture.course'),
  of('culture.tested'),
  of('place.course'),
  of('tank.course'),
  of('lot.decapsulated'),
  of('culture.gravity'),
  of('culture.harvested'),
  of('culture.refused'),
  of('culture.ended'),
  of('culture.started'),
  of('culture.moved'),
  of('culture.quarantined'),
  of('culture.crossed'),
  of('place.temperature'),
  of('sample.counted'),
  of('water.read'),
  of('lot.measured'),
  of('tool.measured'),
  of('learning.reset'),
  of('plan.kept'),
  of('sheet.ticked'),
  of('gel.cooked'),
  of('note'),
  of('undone'),
])

export type Entry = z.infer<typeof entry>
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>
