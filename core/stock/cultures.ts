import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData, EntryKind, HatchSetup } from '../records/entries'
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
  stirredAt: Instant | null
  changedAt: Instant | null
  renewedAt: Instant
  /** Drawn since it was last topped up, mL. */
  drawnMl: number
  /** Gravity as it was read last; null once its water was made up again. */
  gravity: { at: Instant; sg: number } | null
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
        stirredAt: null,
        renewedAt: record.startedAt,
        drawnMl: 0,
        gravity: null,
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

type Change<K extends EntryKind> = (c: CultureState, data: EntryData<K>, at: Instant) => void

/** What each kind of entry changes in a culture. */
const CHANGES: { readonly [K in EntryKind]?: Change<K> } = {
  'culture.started': (c, d, at) => {
    c.origin = d.origin
    c.parentIds = d.parentIds
    c.hatch = d.hatch
    if (d.hatch) c.startedAt = at
  },
  'culture.moved': (c, d) => {
    c.placeId = d.placeId
    c.level = d.level
  },
  'culture.quarantined': (c, d, at) => {
    c.quarantine = d.apart ? { since: at, reason: d.reason } : null
  },
  'culture.crossed': (c, d) => {
    c.crossed = [...c.crossed, d.rule]
  },
  'culture.ended': (c, d, at) => {
    c.ended ??= { at, how: d.how }
  },
  'culture.gravity': (c, d, at) => {
    c.gravity = { at, sg: d.sg }
  },
  'culture.looked': seen,
  'sample.counted': seen,
  'water.read': seen,
  'culture.refused': seen,
  'culture.harvested': (c, d, at) => {
    c.seenAt = at
    if (d.finished) c.ended ??= { at, how: 'used up' }
    drawn(c, at, d.ml ?? d.share * c.record.litres * 1000)
  },
  'culture.did': (c, d, at) => done(c, at, d),
}

function seen(c: CultureState, _: unknown, at: Instant): void {
  c.seenAt = at
}

function apply(c: CultureState, e: Entry): void {
  const change = CHANGES[e.kind] as Change<EntryKind> | undefined
  change?.(c, e.data, e.at)
}

function drawn(c: CultureState, at: Instant, ml: number): void {
  if (c.drawnAt && hoursBetween(c.drawnAt, at) > MADE_UP_AFTER_H) c.drawnMl = 0
  c.drawnAt = at
  c.drawnMl += ml
}

/** Water came in: what was drawn is made up for, and what was read of its salt holds no longer. */
function madeUp(c: CultureState): void {
  c.drawnMl = 0
  c.gravity = null
}

function done(c: CultureState, at: Instant, d: EntryData<'culture.did'>): void {
  switch (d.action) {
    case 'feed':
    case 'dose':
      c.fedAt = at
      return
    case 'topUp':
      return madeUp(c)
    case 'waterChange':
      c.changedAt = at
      return madeUp(c)
    case 'takeOut':
    case 'split':
      return drawn(
        c,
        at,
        d.unit === 'mL' ? (d.amount ?? 0) : (d.amount ?? 0) * c.record.litres * 1000,
      )
    case 'renew':
      c.renewedAt = at
      return madeUp(c)
    case 'stir':
      c.stirredAt = at
      return
    case 'lower':
    case 'poison':
  }
}

/** A culture that was lost: it failed, and was not used up, given away or cleared out. */
export const isLoss = (c: CultureState): boolean => c.ended?.how === 'failed' && c.hatch === null

/** What grows and has not ended. Hatches have a model of their own: stock/hatchCultures.ts. */
export const running = (states: readonly CultureState[]): CultureState[] =>
  states.filter(c => c.ended === null && c.hatch === null)
