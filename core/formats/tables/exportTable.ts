import papa from 'papaparse'
import { significant } from '../../math/significant'
import { effectiveEntries } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { AnyRecord } from '../../records/records'
import { broods } from './broodTable'
import { counts, harvests, hatches, looks } from './cultureTables'
import { log, purchases } from './roomTables'
import type { Cell, Table, TableSource } from './table'
import { feeds, temperatures } from './tankTables'
import { trials } from './trialTable'

const TABLES = {
  harvests,
  hatches,
  looks,
  counts,
  feeds,
  temperatures,
  broods,
  purchases,
  trials,
  log,
} as const satisfies Record<string, (s: TableSource) => Table>
export type TableName = keyof typeof TABLES
export const TABLE_NAMES = Object.keys(TABLES) as [TableName, ...TableName[]]

const DIGITS = 9
/** Nobody reads the digits that arithmetic leaves behind. */
const rounded = (x: Cell): Cell => (typeof x === 'number' ? significant(x, DIGITS) : x)

/**
 * One table of a room for spreadsheets (docs/files.md): UTF-8, commas, a header with units, decimal points. What begins like a
 * formula is written as text.
 */
export function exportTable(
  records: readonly AnyRecord[],
  entries: readonly Entry[],
  what: TableName,
): string {
  const names = new Map(records.flatMap(r => ('name' in r ? [[r.id, r.name]] : [])))
  for (const e of entries) if (e.kind === 'store.filled') names.set(e.data.storeId, e.data.name)
  const room = records.find(r => r.type === 'room')
  const { columns, rows } = TABLES[what]({
    records,
    entries: effectiveEntries(entries),
    nameOf: id => names.get(id ?? '') ?? '',
    currency: room?.currency ?? '€',
  })
  return `${papa.unparse({ fields: [...columns], data: rows.map(r => r.map(rounded)) }, { newline: '\r\n', escapeFormulae: true })}\r\n`
}
