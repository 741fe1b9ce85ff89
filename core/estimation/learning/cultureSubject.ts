import type { Food, FoodMethod } from '../../foods/contract'
import { foodOf } from '../../foods/index'
import type { Entry } from '../../records/entries'
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
    const h = hoursBetween(c.startedAt, e.at)
    switch (e.kind) {
      case 'culture.looked':
        return e.data.cultureId === c.id ? [{ h, kind: 'look', signs: e.data.signs }] : []
      case 'culture.did':
        return e.data.cultureId === c.id
          ? [
              {
                h,
                kind: 'action',
                action: {
                  kind: e.data.action,
                  ...(e.data.amount === null
                    ? {}
                    : { amount: e.data.amount, unit: e.data.unit ?? undefined }),
                },
              },
            ]
          : []
      case 'culture.temperature':
        return e.data.cultureId === c.id ? [{ h, kind: 'temperature', c: e.data.temperatureC }] : []
      case 'culture.refused':
        return e.data.cultureId === c.id ? [{ h, kind: 'refused' }] : []
      case 'culture.harvested':
        return e.data.cultureId === c.id
          ? [
              ...(e.data.seen === null ? [] : [{ h, kind: 'yield' as const, seen: e.data.seen }]),
              {
                h,
                kind: 'action',
                action: { kind: 'takeOut', amount: e.data.share, unit: 'share' },
              },
            ]
          : []
      case 'sample.counted':
        return e.data.of?.id === c.id
          ? [
              {
                h,
                kind: 'count',
                animals: e.data.counts.reduce((a, b) => a + b, 0),
                ml: e.data.counts.length * e.data.dropMl,
              },
            ]
          : []
      case 'water.read': {
        const read = e.data.of?.id === c.id ? densityOf(e) : null
        return read ? [{ h, kind: 'density', ...read }] : []
      }
      default:
        return []
    }
  })
  return [...stands, ...told]
}
