import type * as z from 'zod'
import { entry, type Entry } from '../records/entries'
import { anyRecord, type AnyRecord } from '../records/records'
import { keptRecord, type KeptRecord } from './roomFile'

/** Tables of a room, as they were stored: nothing of it is believed yet. */
export interface RawRoom {
  records: readonly unknown[]
  entries: readonly unknown[]
  kept: readonly unknown[]
  keptEntries: readonly unknown[]
}
export type RawTable = keyof RawRoom

/** A row that its schema refuses. */
export interface Unreadable {
  table: RawTable
  /** Its place in the table as it was given. */
  index: number
  id: string
  /** Which field is wrong, and how. */
  path: string
  message: string
  row: unknown
}

export interface Salvaged {
  records: AnyRecord[]
  entries: Entry[]
  kept: KeptRecord[]
  keptEntries: Entry[]
  unreadable: Unreadable[]
}

const idOf = (row: unknown): string => {
  const id = (row as { id?: unknown } | null)?.id
  return typeof id === 'string' ? id.slice(0, 60) : 'without an id'
}

function sorted<S extends z.ZodType>(table: RawTable, rows: readonly unknown[], schema: S) {
  const sound: z.output<S>[] = []
  const unreadable: Unreadable[] = []
  rows.forEach((row, index) => {
    const read = schema.safeParse(row)
    if (read.success) return sound.push(read.data)
    const { path, message } = read.error.issues[0]!
    return unreadable.push({ table, index, id: idOf(row), path: path.join('.'), message, row })
  })
  return { sound, unreadable }
}

/** What can be read of stored tables, and what cannot: row by row, so that one bad row costs no other. */
export function salvage(raw: RawRoom): Salvaged {
  const records = sorted('records', raw.records, anyRecord)
  const entries = sorted('entries', raw.entries, entry)
  const kept = sorted('kept', raw.kept, keptRecord)
  const keptEntries = sorted('keptEntries', raw.keptEntries, entry)
  return {
    records: records.sound,
    entries: entries.sound,
    kept: kept.sound,
    keptEntries: keptEntries.sound,
    unreadable: [records, entries, kept, keptEntries].flatMap(t => t.unreadable),
  }
}
