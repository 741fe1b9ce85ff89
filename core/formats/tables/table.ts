import type { Entry } from '../../records/entries'
import type { AnyRecord } from '../../records/records'

/** A cell of a table for spreadsheets; null where nobody knows. */
export type Cell = string | number | boolean | null
/** A table as it is written: columns in a fixed order, with units in their names. */
export interface Table {
  columns: readonly string[]
  rows: readonly (readonly Cell[])[]
}
/** What a table is made of. */
export interface TableSource {
  records: readonly AnyRecord[]
  /** As the log stands: without what was undone or corrected, in order of time. */
  entries: readonly Entry[]
  nameOf: (id: string | null | undefined) => string
  currency: string
}
