import { ofKind } from '../../records/effectiveEntries'
import type { Cell, Table, TableSource } from './table'

/** Everything that was bought. */
export const purchases = (s: TableSource): Table => ({
  columns: ['at', 'kind', 'name', 'amount', 'unit', 'price', 'currency', 'months'],
  rows: ofKind(s.entries, 'purchase.made').map(({ at, data: d }): Cell[] => [
    at,
    d.of.type,
    d.name,
    d.amount,
    d.unit,
    d.price,
    s.currency,
    d.months,
  ]),
})

/** The log itself, an entry a row; what an entry says is JSON. */
export const log = (s: TableSource): Table => ({
  columns: ['at', 'by', 'kind', 'about', 'says'],
  rows: s.entries.map((e): Cell[] => [
    e.at,
    e.by,
    e.kind,
    s.nameOf(e.subject.id),
    JSON.stringify(e.data),
  ]),
})
