import { readRoom } from '@renatus/core/estimation/readRoom'
import {
  entry,
  type Entry,
  type EntryData,
  type EntryKind,
  type HatchSetup,
} from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { buildRound, roundState, type Round } from '@renatus/core/round/round'
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
    kind: 'cone',
    hatching: true,
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

/** A hatch that was started, as an entry; `withHatches` brings the record of its culture. */
export const started = (
  at: string,
  data: Partial<HatchSetup> & { hatchId?: string; vesselId?: string } = {},
) => {
  const { hatchId, vesselId: _v, ...setup } = data
  return log(at, 'culture.started', {
    cultureId: hatchId ?? NAMED.hatch1!,
    origin: 'bought',
    parentIds: [],
    starterMl: null,
    hatch: {
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
      ...setup,
    },
  })
}

/** A hatch that was pulled. */
export const harvested = (
  at: string,
  {
    hatchId,
    nauplii,
    volumeMl,
    ...data
  }: Partial<EntryData<'culture.harvested'>> & {
    hatchId?: string
    nauplii?: number
    volumeMl?: number
  } = {},
) =>
  log(at, 'culture.harvested', {
    cultureId: hatchId ?? NAMED.hatch1!,
    seen: 'good',
    share: 1,
    count: null,
    cupMl: volumeMl ?? 200,
    organisms: nauplii ?? 100_000,
    energy: 0.9,
    finished: true,
    ...data,
  })

/** Nauplii in the fridge, as they were put by. */
export const chilled = (
  at: string,
  data: Partial<EntryData<'store.filled'>> & { storeId: string },
) =>
  log(at, 'store.filled', {
    name: 'Cup',
    foodId: 'brine-shrimp',
    keep: 'fridge',
    unit: 'mL',
    amount: 90,
    organisms: 900,
    energy: 1,
    fromId: NAMED.hatch2!,
    useBy: null,
    ...data,
  })

/** The records of a room with one culture for each hatch of its log; each stands in the first cone. */
export function withHatches(list: readonly AnyRecord[], entries: readonly Entry[]): AnyRecord[] {
  const here = new Set(list.map(r => r.id))
  const found = entries.flatMap((e): AnyRecord[] => {
    if (e.kind !== 'culture.started' || !e.data.hatch || here.has(e.data.cultureId)) return []
    here.add(e.data.cultureId)
    const { waterL, temperatureC } = e.data.hatch
    return [
      anyRecord.parse({
        id: e.data.cultureId,
        updatedAt: e.at,
        removedAt: null,
        type: 'culture',
        name: 'Cone 1',
        foodId: 'brine-shrimp',
        methodId: 'one-pull',
        placeId: NAMED.place,
        startedAt: e.at,
        litres: waterL,
        temperatureC,
        vesselId: NAMED.cone1,
        vesselKind: 'cone',
        logged: true,
      }),
    ]
  })
  return [...list, ...found]
}

export const stateAt = (now: string, entries: Entry[] = [], options: Options = {}): RoomState =>
  roomState(withHatches(records(options), entries), entries, now)!

/** The round of a room without cultures, or with readings of those it has. */
export function roundFor(
  list: readonly AnyRecord[],
  entries: Entry[],
  now: string,
): { state: RoomState; round: Round } {
  const state = roundState(withHatches(list, entries), entries, now)!
  return { state, round: buildRound(state, readRoom(state)) }
}
