import { ofKind } from '../../records/effectiveEntries'
import type { CultureRecord } from '../../records/records'
import { hoursBetween } from '../../time/localDate'
import type { Cell, Table, TableSource } from './table'

const culturesOf = (s: TableSource) =>
  new Map(s.records.filter((r): r is CultureRecord => r.type === 'culture').map(r => [r.id, r]))

/** Everything that was drawn from cultures and bottles. */
export function harvests(s: TableSource): Table {
  const cultures = culturesOf(s)
  return {
    columns: [
      'at',
      'culture',
      'food',
      'share',
      'drawn_mL',
      'animals',
      'energy',
      'seen',
      'finished',
      'round',
    ],
    rows: ofKind(s.entries, 'culture.harvested').map(({ at, data: d }): Cell[] => [
      at,
      s.nameOf(d.cultureId),
      cultures.get(d.cultureId)?.foodId ?? '',
      d.share,
      d.ml,
      d.organisms,
      d.energy,
      d.seen,
      d.finished,
      d.roundKey,
    ]),
  }
}

/** Every hatch: what went in, and what came out. */
export function hatches(s: TableSource): Table {
  const cultures = culturesOf(s)
  const drawn = ofKind(s.entries, 'culture.harvested')
  const rows = ofKind(s.entries, 'culture.started').flatMap(({ at, data: d }): Cell[][] => {
    if (!d.hatch) return []
    const mine = drawn.filter(e => e.data.cultureId === d.cultureId)
    const h = d.hatch
    return [
      [
        at,
        s.nameOf(d.cultureId),
        cultures.get(d.cultureId)?.methodId ?? '',
        s.nameOf(h.lotId),
        h.waterL,
        h.saltG,
        h.cystsG,
        h.sodaG,
        h.temperatureC,
        h.lit,
        h.decapsulated,
        mine.length,
        mine[0] ? hoursBetween(at, mine[0].at) : null,
        mine.length > 0 ? mine.reduce((n, e) => n + (e.data.organisms ?? 0), 0) : null,
      ],
    ]
  })
  return {
    columns: [
      'started_at',
      'bottle',
      'school',
      'lot',
      'water_L',
      'salt_g',
      'cysts_g',
      'soda_g',
      'temperature_C',
      'lit',
      'decapsulated',
      'pulls',
      'first_pull_h',
      'nauplii',
    ],
    rows,
  }
}

/** Every sign that somebody graded, one a row. */
export function looks(s: TableSource): Table {
  const cultures = culturesOf(s)
  return {
    columns: ['at', 'culture', 'food', 'sign', 'grade', 'by'],
    rows: ofKind(s.entries, 'culture.looked').flatMap(({ at, by, data: d }) =>
      Object.entries(d.signs).map(([sign, grade]): Cell[] => [
        at,
        s.nameOf(d.cultureId),
        cultures.get(d.cultureId)?.foodId ?? '',
        sign,
        grade,
        by,
      ]),
    ),
  }
}

type Counted = [at: string, of: string, food: string, drops: number, animals: number, ml: number]

/** Everything that was counted in drops or pictures, harvests among it. */
export function counts(s: TableSource): Table {
  const cultures = culturesOf(s)
  const samples = ofKind(s.entries, 'sample.counted').map(({ at, data: d }): [Counted, string] => [
    [at, d.of?.id ?? '', d.foodId, d.counts.length, d.counts.reduce((a, b) => a + b, 0), d.dropMl],
    d.how,
  ])
  const drawn = ofKind(s.entries, 'culture.harvested').flatMap(
    ({ at, data: d }): [Counted, string][] => {
      if (!d.count) return []
      const { animals, samples: drops, sampleMl } = d.count
      const food = cultures.get(d.cultureId)?.foodId ?? ''
      return [[[at, d.cultureId, food, drops, animals, sampleMl], 'by eye']]
    },
  )
  return {
    columns: ['at', 'of', 'food', 'drops', 'animals', 'drop_mL', 'per_mL', 'how'],
    rows: [...samples, ...drawn]
      .sort(([a], [b]) => (a[0] < b[0] ? -1 : 1))
      .map(([[at, of, food, drops, animals, ml], how]): Cell[] => [
        at,
        s.nameOf(of),
        food,
        drops,
        animals,
        ml,
        animals / (drops * ml),
        how,
      ]),
  }
}
