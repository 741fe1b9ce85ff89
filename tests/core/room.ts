import { entry, type Entry, type EntryData, type EntryKind } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'

/** A small room for tests: one bench, two cones, one tin, one tank, one brood of angelfish that feed. Ids are readable. */
let serial = 0
export const uid = (at = '2026-03-01T00:00:00Z') =>
  makeId(Date.parse(at) + serial++, new Uint8Array(10))
export const NAMED = Object.fromEntries(
  [
    'room',
    'place',
    'cone1',
    'cone2',
    'salt',
    'lot',
    'tank',
    'brood',
    'hatch1',
    'hatch2',
    'store1',
  ].map((n, i) => [n, makeId(1_000_000 + i, new Uint8Array(10))]),
) as Record<string, string>

interface Options {
  fry?: number
  freeSwimmingOn?: string
  vessels?: number
  litres?: number
  temperatureC?: number
  timeZone?: string
  grams?: number
  species?: string
  rounds?: { name: string; at: string; feedingOnly?: boolean }[]
  foods?: string[]
  tankL?: number
}

export function records(o: Options = {}): AnyRecord[] {
  const base = { updatedAt: '2026-03-01T00:00:00Z', removedAt: null }
  const vessel = (id: string, name: string) => ({
    ...base,
    id,
    type: 'vessel',
    placeId: NAMED.place,
    name,
    shape: 'cone',
    litres: o.litres ?? 2,
    temperatureC: o.temperatureC ?? 26,
    lit: true,
  })
  return [
    {
      ...base,
      id: NAMED.room,
      type: 'room',
      name: 'Test',
      timeZone: o.timeZone ?? 'Europe/Berlin',
      rounds: o.rounds ?? [
        { name: 'Morning round', at: '06:30' },
        { name: 'Evening round', at: '19:00' },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      ...(o.foods ? { foods: o.foods } : {}),
    },
    { ...base, id: NAMED.place, type: 'place', name: 'Bench' },
    ...[vessel(NAMED.cone1!, 'Cone 1'), vessel(NAMED.cone2!, 'Cone 2')].slice(0, o.vessels ?? 2),
    {
      ...base,
      id: NAMED.salt,
      type: 'salt',
      name: 'Fine salt',
      kind: 'fine',
      gPerMl: 1.22,
      iodised: false,
    },
    {
      ...base,
      id: NAMED.lot,
      type: 'lot',
      name: 'Tin',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: o.grams ?? 100,
      price: null,
      priceGrams: null,
    },
    {
      ...base,
      id: NAMED.tank,
      type: 'tank',
      placeId: null,
      name: 'Tank 1',
      litres: o.tankL ?? 20,
      temperatureC: 26,
    },
    {
      ...base,
      id: NAMED.brood,
      type: 'brood',
      name: 'Angels',
      speciesId: o.species ?? 'angelfish',
      tankId: NAMED.tank,
      anchor: { event: 'free', on: o.freeSwimmingOn ?? '2026-03-15', kind: 'seen', spreadDays: 0 },
      fry: o.fry ?? 1000,
      countedOn: o.freeSwimmingOn ?? '2026-03-15',
    },
  ].map(r => anyRecord.parse(r))
}

export function log<K extends EntryKind>(
  at: string,
  kind: K,
  data: Partial<EntryData<K>>,
  more: Partial<Entry> = {},
): Entry {
  return entry.parse({
    id: uid(at),
    at,
    by: 'test',
    act: uid(at),
    subject: { type: 'x', id: 'x' },
    supersedes: null,
    kind,
    data,
    ...more,
  })
}

export const started = (at: string, data: Partial<EntryData<'hatch.started'>> = {}) =>
  log(at, 'hatch.started', {
    hatchId: NAMED.hatch1!,
    vesselId: NAMED.cone1!,
    lotId: NAMED.lot!,
    saltId: NAMED.salt!,
    waterL: 2 as never,
    saltG: 50 as never,
    cystsG: 1 as never,
    sodaG: 0 as never,
    temperatureC: 26 as never,
    lit: true,
    decapsulated: false,
    pullsAt: [],
    proposed: null,
    ...data,
  })

export const harvested = (at: string, data: Partial<EntryData<'hatch.harvested'>> = {}) =>
  log(at, 'hatch.harvested', {
    hatchId: NAMED.hatch1!,
    seen: 'good',
    count: null,
    volumeMl: 200,
    nauplii: 100_000,
    energy: 0.9,
    finished: true,
    ...data,
  })

export const stateAt = (now: string, entries: Entry[] = [], options: Options = {}): RoomState =>
  roomState(records(options), entries, now)!
