import { ofKind } from '../../records/effectiveEntries'
import type { Instant } from '../../time/localDate'
import type { Cell, Table, TableSource } from './table'

/** Every portion that a tank was given. */
export const feeds = (s: TableSource): Table => ({
  columns: ['at', 'tank', 'food', 'animals', 'energy', 'amount', 'unit', 'source', 'round'],
  rows: ofKind(s.entries, 'tank.fed').flatMap(({ at, data: d }) =>
    d.portions.map((p): Cell[] => [
      at,
      s.nameOf(d.tankId),
      p.foodId,
      p.organisms,
      p.energy,
      p.amount?.value ?? null,
      p.amount?.unit ?? null,
      s.nameOf(p.source?.id),
      d.roundKey,
    ]),
  ),
})

type Read = [at: Instant, kind: string, what: string, height: string, c: number, how: string]

/** Everything that a thermometer showed, one reading a row. */
export function temperatures(s: TableSource): Table {
  const rows: Read[] = []
  for (const { at, data: d } of ofKind(s.entries, 'place.temperature')) {
    if (d.topC !== null) rows.push([at, 'place', s.nameOf(d.placeId), 'top', d.topC, 'typed'])
    if (d.bottomC !== null)
      rows.push([at, 'place', s.nameOf(d.placeId), 'bottom', d.bottomC, 'typed'])
  }
  for (const { at, data: d } of ofKind(s.entries, 'tank.temperature'))
    rows.push([at, 'tank', s.nameOf(d.tankId), '', d.temperatureC, 'typed'])
  for (const { at, data: d } of ofKind(s.entries, 'culture.temperature'))
    rows.push([at, 'culture', s.nameOf(d.cultureId), '', d.temperatureC, 'typed'])
  const courses = [
    ...ofKind(s.entries, 'place.course').map(e => ({ of: 'place', id: e.data.placeId, ...e.data })),
    ...ofKind(s.entries, 'tank.course').map(e => ({ of: 'tank', id: e.data.tankId, ...e.data })),
    ...ofKind(s.entries, 'culture.course').map(e => ({
      of: 'culture',
      id: e.data.cultureId,
      ...e.data,
    })),
  ]
  for (const c of courses)
    for (const p of c.points) rows.push([p.at, c.of, s.nameOf(c.id), '', p.c, c.how])
  return {
    columns: ['at', 'kind', 'what', 'height', 'temperature_C', 'how'],
    rows: rows.sort((a, b) => (a[0] < b[0] ? -1 : 1)),
  }
}
