import { meansOf } from '../../instruments/meansOf'
import type { Action } from '../../dynamics/contract'
import type { Food, FoodMethod } from '../../foods/contract'
import { foodOf } from '../../foods/index'
import type { Entry, EntryData } from '../../records/entries'
import type { CultureRecord, Place } from '../../records/records'
import type { Priors } from '../../stock/learned'
import { placeTemperatures } from '../../stock/placeTemperature'
import { hoursBetween } from '../../time/localDate'
import type { Observation } from '../observation'
import type { Subject } from '../subject'

/** Food and method of a culture; null when this version does not know them. */
export function methodOf(c: CultureRecord): { food: Food; method: FoodMethod } | null {
  const food = foodOf(c.foodId)
  const method = food?.methods.find(m => m.id === c.methodId)
  return food && method ? { food, method } : null
}

/** A culture of the log as a vessel to be read. */
export function cultureSubject(c: CultureRecord, priors?: Priors): Subject | null {
  const known = methodOf(c)
  return (
    known && {
      ...known,
      seed: 7,
      temperatureC: c.temperatureC,
      priors,
      setup: {
        volumeL: c.litres,
        starter: c.starter,
        ...(c.depthCm === null ? {} : { depthCm: c.depthCm }),
        ...(c.widthCm === null ? {} : { widthCm: c.widthCm }),
        ...(c.matterGPerL === null ? {} : { matterGPerL: c.matterGPerL }),
        ...(c.kind === null ? {} : { kind: c.kind }),
      },
    }
  )
}

/** The culture, or whatever else, that an entry tells something of. */
function subjectOf(e: Entry): string | null {
  if (e.kind === 'sample.counted' || e.kind === 'water.read') return e.data.of?.id ?? null
  return 'cultureId' in e.data ? e.data.cultureId : null
}

const strangersOf = ({ strangers }: EntryData<'culture.looked'>) =>
  strangers?.length ? { strangers } : {}

/** What an entry about a culture says of it, h hours after its start. */
function observed(e: Entry, h: number): Observation[] {
  switch (e.kind) {
    case 'culture.looked':
      return [{ h, kind: 'look', signs: e.data.signs, ...strangersOf(e.data) }]
    case 'culture.did':
      return [{ h, kind: 'action', action: actionOf(e.data) }]
    case 'culture.temperature':
      return [{ h, kind: 'temperature', c: e.data.temperatureC }]
    case 'culture.course': {
      return meansOf(e.data.points).map(p => ({
        h: h + hoursBetween(e.at, p.at),
        kind: 'temperature',
        c: p.c,
      }))
    }
    case 'culture.refused':
      return [{ h, kind: 'refused' }]
    case 'culture.harvested': {
      const taken = { kind: 'takeOut', amount: e.data.share, unit: 'share' } as const
      const seen = e.data.seen === null ? [] : [{ h, kind: 'yield' as const, seen: e.data.seen }]
      return [...seen, { h, kind: 'action', action: taken }]
    }
    case 'sample.counted': {
      const animals = e.data.counts.reduce((a, b) => a + b, 0)
      return [{ h, kind: 'count', animals, ml: e.data.counts.length * e.data.dropMl }]
    }
    default:
      return []
  }
}

function actionOf(d: EntryData<'culture.did'>): Action {
  if (d.amount === null) return { kind: d.action }
  return { kind: d.action, amount: d.amount, unit: d.unit ?? undefined }
}

/**
 * What the log tells of a culture, in hours since its start.
 * @param places where cultures stand that are as warm as their place
 * @param densityOf reads a `water.read` entry as mg or cells; null where it cannot
 */
export function cultureObservations(
  c: CultureRecord,
  entries: readonly Entry[],
  places: readonly Place[],
  densityOf: (e: Extract<Entry, { kind: 'water.read' }>) => { perMl: number; logSd: number } | null,
): Observation[] {
  const stands = placeTemperatures(c, places, entries).map((t): Observation => ({
    h: hoursBetween(c.startedAt, t.at),
    kind: 'temperature',
    c: t.temperatureC,
  }))
  const told = entries.flatMap((e): Observation[] => {
    if (subjectOf(e) !== c.id) return []
    const h = hoursBetween(c.startedAt, e.at)
    if (e.kind !== 'water.read') return observed(e, h)
    const read = densityOf(e)
    return read ? [{ h, kind: 'density', ...read }] : []
  })
  return [...stands, ...told]
}
