import { ofKind } from '../../records/effectiveEntries'
import type { Cell, Table, TableSource } from './table'

type Row = [on: string, id: string, what: string, fry: number | null, mm: number | null]

/** What was seen, counted and measured of broods, one fact a row. */
export function broods(s: TableSource): Table {
  const species = new Map(s.records.flatMap(r => (r.type === 'brood' ? [[r.id, r.speciesId]] : [])))
  const rows: Row[] = [
    ...s.records.flatMap((r): Row[] =>
      r.type === 'brood' ? [[r.countedOn, r.id, 'entered', r.fry, null]] : [],
    ),
    ...ofKind(s.entries, 'brood.event').map(({ data: d }): Row => [
      d.on,
      d.broodId,
      d.event,
      null,
      null,
    ]),
    ...ofKind(s.entries, 'brood.counted').map(({ data: d }): Row => [
      d.on,
      d.broodId,
      'counted',
      d.fry,
      null,
    ]),
    ...ofKind(s.entries, 'brood.left').map(({ data: d }): Row => [
      d.on,
      d.broodId,
      d.how,
      d.fry,
      null,
    ]),
    ...ofKind(s.entries, 'brood.measured').flatMap(({ data: d }) =>
      d.lengthsMm.map((mm): Row => [d.on, d.broodId, 'measured', null, mm]),
    ),
    ...ofKind(s.entries, 'brood.ended').map(({ data: d }): Row => [
      d.on,
      d.broodId,
      'ended',
      null,
      null,
    ]),
  ]
  return {
    columns: ['on', 'brood', 'fish', 'what', 'fry', 'length_mm'],
    rows: rows
      .sort((a, b) => (a[0] < b[0] ? -1 : 1))
      .map(([on, id, what, fry, mm]): Cell[] => [
        on,
        s.nameOf(id),
        species.get(id) ?? '',
        what,
        fry,
        mm,
      ]),
  }
}
