import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData, HatchSetup } from '../records/entries'
import type { CultureRecord } from '../records/records'
import type { CleanRule, Level } from '../records/vocabulary'
import { hoursBetween, type Instant } from '../time/localDate'

/** Who draws again at a later round has made up what was drawn before, written down or not. */
const MADE_UP_AFTER_H = 6

/** A vessel with what grows in it, as the log leaves it. */
export interface CultureState {
  id: string
  record: CultureRecord
  startedAt: Instant
  /** What went in, for one that hatches; null for all others. */
  hatch: HatchSetup | null
  placeId: string | null
  level: Level
  /** Why it stands apart, and since when. */
  quarantine: { since: Instant; reason: string } | null
  ended: { at: Instant; how: EntryData<'culture.ended'>['how'] } | null
  origin: EntryData<'culture.started'>['origin']
  parentIds: readonly string[]
  /** Rules that were broken at this vessel itself. */
  crossed: readonly CleanRule[]
  /** Last time it was looked at, counted or harvested; last feed; last drawn; last renewed. */
  seenAt: Instant | null
  fedAt: Instant | null
  drawnAt: Instant | null
  changedAt: Instant | null
  renewedAt: Instant
  /** Drawn since it was last topped up, mL. */
  drawnMl: number
}

/** Cultures that were started and not undone: with those that have ended. */
export const startedCultures = (
  cultures: readonly CultureRecord[],
  entries: readonly Entry[],
): CultureRecord[] => {
  const started = new Set(ofKind(entries, 'culture.started').map(e => e.data.cultureId))
  return cultures.filter(c => !c.logged || started.has(c.id))
}

/** The culture that an entry speaks of. */
export function cultureIdOf(e: Entry): string | undefined {
  if ('cultureId' in e.data) return e.data.cultureId
  return e.kind === 'sample.counted' || e.kind === 'water.read' ? e.data.of?.id : undefined
}

/** Projects every culture of the log in one pass. */
export function cultureStates(
  cultures: readonly CultureRecord[],
  entries: readonly Entry[],
): CultureState[] {
  const byId = new Map(
    startedCultures(cultures, entries).map((record): [string, CultureState] => [
      record.id,
      {
        id: record.id,
        record,
        startedAt: record.startedAt,
        hatch: null,
        placeId: record.placeId,
        level: record.level ?? 'middle',
        quarantine: null,
        ended: null,
        origin: 'unknown',
        parentIds: [],
        crossed: [],
        seenAt: null,
        fedAt: null,
        drawnAt: null,
        changedAt: null,
        renewedAt: record.startedAt,
        drawnMl: 0,
      },
    ]),
  )
  for (const e of entries) {
    const id = cultureIdOf(e)
    const c = id === undefined ? undefined : byId.get(id)
    if (c) apply(c, e)
  }
  return [...byId.values()]
}

function apply(c: CultureState, e: Entry): void {
  switch (e.kind) {
    case 'culture.started':
      c.origin = e.data.origin
      c.parentIds = e.data.parentIds
      c.hatch = e.data.hatch
      if (e.data.hatch) c.startedAt = e.at
      return
    case 'culture.moved':
      c.placeId = e.data.placeId
      c.level = e.data.level
      return
    case 'culture.quarantined':
      c.quarantine = e.data.apart ? { since: e.at, reason: e.data.reason } : null
      return
    case 'culture.crossed':
      c.crossed = [...c.crossed, e.data.rule]
      return
    case 'culture.ended':
      c.ended ??= { at: e.at, how: e.data.how }
      return
    case 'culture.looked':
    case 'sample.counted':
    case 'water.read':
    case 'culture.refused':
      c.seenAt = e.at
      return
    case 'culture.harvested':
      c.seenAt = e.at
      if (e.data.finished) c.ended ??= { at: e.at, how: 'used up' }
      return drawn(c, e.at, e.data.ml ?? e.data.share * c.record.litres * 1000)
    case 'culture.did':
      return done(c, e.at, e.data)
    default:
  }
}

function drawn(c: CultureState, at: Instant, ml: number): void {
  if (c.drawnAt && hoursBetween(c.drawnAt, at) > MADE_UP_AFTER_H) c.drawnMl = 0
  c.drawnAt = at
  c.drawnMl += ml
}

function done(c: CultureState, at: Instant, d: EntryData<'culture.did'>): void {
  switch (d.action) {
    case 'feed':
    case 'dose':
      c.fedAt = at
      return
    case 'topUp':
      c.drawnMl = 0
      return
    case 'waterChange':
      c.changedAt = at
      c.drawnMl = 0
      return
    case 'takeOut':
    case 'split':
      return drawn(
        c,
        at,
        d.unit === 'mL' ? (d.amount ?? 0) : (d.amount ?? 0) * c.record.litres * 1000,
      )
    case 'renew':
      c.renewedAt = at
      c.drawnMl = 0
      return
    case 'stir':
    case 'poison':
  }
}

/** What grows and has not ended. Hatches have a model of their own: stock/hatchCultures.ts. */
export const running = (states: readonly CultureState[]): CultureState[] =>
  states.filter(c => c.ended === null && c.hatch === null)
