import { foodOf } from '@renatus/core/foods/index'
import type { RandomStream } from '@renatus/core/math/random'
import { entry, type Entry } from '@renatus/core/records/entries'
import { anyRecord, type AnyRecord, type CultureRecord } from '@renatus/core/records/records'
import type { Level, Sign, VesselKind } from '@renatus/core/records/vocabulary'
import { codeFor } from '@renatus/core/stock/codes'
import { hoursBetween, toMs, type Instant } from '@renatus/core/time/localDate'
import type { RoundOccurrence } from '@renatus/core/time/rounds'
import type { Draft } from './draft'
import type { Truth } from './truth'

/** A culture of the loft: started so many days before today, and whether the loft lives off it or lets it stand. */
interface DemoCulture {
  name: string
  food: string
  method: string
  place: string
  ago: number
  litres: number
  c: number
  seed: number
  harvest: boolean
  level?: Level
  kind?: VesselKind
  from?: string
  wild?: boolean
  mother?: boolean
  rolled?: boolean
  ended?: { ago: number; how: 'used up' | 'failed' }
}

const CULTURES: readonly DemoCulture[] = [
  {
    name: 'Reed jar 1',
    food: 'infusoria',
    method: 'scalded-leaf',
    place: 'Window shelf',
    ago: 55,
    litres: 1,
    c: 22,
    seed: 31,
    harvest: true,
    wild: true,
    ended: { ago: 38, how: 'used up' },
  },
  {
    name: 'Reed jar 2',
    food: 'infusoria',
    method: 'scalded-leaf',
    place: 'Window shelf',
    ago: 41,
    litres: 1,
    c: 22,
    seed: 33,
    harvest: false,
    from: 'Reed jar 1',
    ended: { ago: 33, how: 'failed' },
  },
  {
    name: 'Reed jar 3',
    food: 'infusoria',
    method: 'scalded-leaf',
    place: 'Window shelf',
    ago: 34,
    litres: 1,
    c: 22,
    seed: 36,
    harvest: true,
    from: 'Reed jar 1',
    ended: { ago: 15, how: 'used up' },
  },
  {
    name: 'Keel bucket',
    food: 'moina',
    method: 'yeast-and-spirulina',
    place: 'Rack B',
    level: 'middle',
    ago: 54,
    litres: 10,
    c: 24,
    seed: 35,
    harvest: true,
    ended: { ago: 26, how: 'failed' },
  },
  {
    name: 'Mash dish 1',
    food: 'microworm',
    method: 'oats',
    place: 'Rack A',
    level: 'top',
    kind: 'box',
    ago: 46,
    litres: 0.3,
    c: 23,
    seed: 3,
    harvest: true,
    ended: { ago: 20, how: 'used up' },
  },
  {
    name: 'Mash dish 2',
    food: 'microworm',
    method: 'oats',
    place: 'Rack A',
    level: 'top',
    kind: 'box',
    ago: 24,
    litres: 0.3,
    c: 23,
    seed: 5,
    harvest: true,
    from: 'Mash dish 1',
  },
  {
    name: 'Mash dish 3',
    food: 'microworm',
    method: 'oats',
    place: 'Rack A',
    level: 'top',
    kind: 'box',
    ago: 3,
    litres: 0.3,
    c: 23,
    seed: 6,
    harvest: true,
    from: 'Mash dish 2',
  },
  {
    name: 'Peat box',
    food: 'grindal-worm',
    method: '',
    place: 'Rack A',
    level: 'bottom',
    kind: 'box',
    ago: 40,
    litres: 1.5,
    c: 21,
    seed: 10,
    harvest: true,
  },
  {
    name: 'Leaf jar 1',
    food: 'infusoria',
    method: 'scalded-leaf',
    place: 'Window shelf',
    ago: 12,
    litres: 1,
    c: 22,
    seed: 2,
    harvest: false,
    wild: true,
  },
  {
    name: 'Leaf jar 2',
    food: 'infusoria',
    method: 'scalded-leaf',
    place: 'Window shelf',
    ago: 2,
    litres: 1,
    c: 22,
    seed: 4,
    harvest: false,
    from: 'Leaf jar 1',
  },
  {
    name: 'Sail jar 1',
    food: 'paramecium',
    method: 'boiled-grain',
    place: 'Window shelf',
    ago: 34,
    litres: 0.5,
    c: 22,
    seed: 12,
    harvest: false,
    mother: true,
    ended: { ago: 4, how: 'failed' },
  },
  // Its mother failed four days ago: nothing else of this line is left.
  {
    name: 'Sail jar 2',
    food: 'paramecium',
    method: 'boiled-grain',
    place: 'Window shelf',
    ago: 14,
    litres: 0.5,
    c: 22,
    seed: 14,
    harvest: true,
    from: 'Sail jar 1',
  },
  {
    name: 'Oar bucket',
    food: 'moina',
    method: 'yeast-and-spirulina',
    place: 'Rack B',
    level: 'middle',
    ago: 23,
    litres: 10,
    c: 24,
    seed: 21,
    harvest: false,
    from: 'Bilge bucket',
    rolled: true,
  },
  {
    name: 'Bilge bucket',
    food: 'moina',
    method: 'yeast-and-spirulina',
    place: 'Rack B',
    level: 'middle',
    ago: 30,
    litres: 10,
    c: 24,
    seed: 1,
    harvest: true,
    from: 'Keel bucket',
    rolled: true,
  },
  {
    name: 'Anchor bucket',
    food: 'moina',
    method: 'yeast-and-spirulina',
    place: 'Rack B',
    level: 'middle',
    ago: 4,
    litres: 10,
    c: 24,
    seed: 17,
    harvest: false,
    from: 'Oar bucket',
    rolled: true,
  },
  {
    name: 'Long bottle',
    food: 'vinegar-eel',
    method: '',
    place: 'Rack B',
    level: 'bottom',
    kind: 'bottle',
    ago: 50,
    litres: 1,
    c: 22,
    seed: 7,
    harvest: true,
  },
  {
    name: 'Tide jar 1',
    food: 'rotifer',
    method: 'paste',
    place: 'Rack B',
    level: 'bottom',
    kind: 'jar',
    ago: 8,
    litres: 5,
    c: 25,
    seed: 41,
    harvest: true,
  },
  {
    name: 'Tide jar 2',
    food: 'rotifer',
    method: 'paste',
    place: 'Rack A',
    level: 'bottom',
    kind: 'jar',
    ago: 3,
    litres: 5,
    c: 25,
    seed: 44,
    harvest: false,
    from: 'Tide jar 1',
  },
  {
    name: 'Green pail',
    food: 'green-water',
    method: 'thinned-daily',
    place: 'Window shelf',
    ago: 14,
    litres: 10,
    c: 22,
    seed: 9,
    harvest: false,
  },
]
/** Air of the racks as the thermometers stood three weeks ago, degC: warm at the top. */
const AIR = [
  { place: 'Rack A', topC: 23.5, bottomC: 20.5 },
  { place: 'Rack B', topC: 25, bottomC: 22 },
] as const
const AIR_READ_AGO = 21
/** Days from one reset of the buckets to the next. */
const ROLL_EVERY = 13
const LOOKED_AT = 0.6
const SIGN_LEFT_OUT = 0.25

/** Records of the loft's cultures. */
export function loftCultures(
  rounds: readonly RoundOccurrence[],
  places: readonly AnyRecord[],
  begun: Instant,
  id: () => string,
): { cultures: CultureRecord[]; set: AnyRecord } {
  const setId = id()
  const codes = new Set<string>()
  const cultures = CULTURES.map((c, order) => {
    const code = codeFor(c.name, codes)
    codes.add(code)
    return anyRecord.parse({
      id: id(),
      type: 'culture',
      updatedAt: begun,
      name: c.name,
      foodId: c.food,
      methodId: methodId(c),
      placeId: placeId(places, c.place),
      level: c.level ?? 'middle',
      vesselKind: c.kind ?? null,
      startedAt: mornings(rounds).at(-1 - c.ago)!.at,
      litres: c.litres,
      temperatureC: c.c,
      code,
      order,
      logged: true,
      mother: c.mother ?? false,
      setId: c.rolled ? setId : null,
    }) as CultureRecord
  })
  return {
    cultures,
    set: anyRecord.parse({
      id: setId,
      type: 'rolling-set',
      updatedAt: begun,
      name: 'Buckets in turn',
      foodId: 'moina',
      everyDays: ROLL_EVERY,
    }),
  }
}

const placeId = (places: readonly AnyRecord[], name: string) =>
  places.find(p => p.type === 'place' && p.name === name)!.id
const mornings = (rounds: readonly RoundOccurrence[]) =>
  rounds.filter((_r, i) => i % 2 === rounds.findIndex(r => r.name.startsWith('Morning')) % 2)

/** A pipette whose fillings were weighed. */
const PIPETTE = { name: 'Long pipette', ml: 3, times: 20, grams: 56.4, ago: 40 }
export const loftPipette = (begun: Instant, id: () => string): AnyRecord =>
  anyRecord.parse({
    id: id(),
    type: 'tool',
    updatedAt: begun,
    name: PIPETTE.name,
    kind: 'pipette',
    ml: PIPETTE.ml,
  })
export const weighedPipette = (
  tool: AnyRecord,
  rounds: readonly RoundOccurrence[],
  id: (ms: number) => string,
): Entry => {
  const { at } = mornings(rounds).at(-1 - PIPETTE.ago)!
  return entry.parse({
    id: id(toMs(at)),
    at,
    by: 'phone loft',
    act: id(toMs(at)),
    supersedes: null,
    answers: null,
    kind: 'tool.measured',
    subject: { type: 'tool', id: tool.id },
    data: { toolId: tool.id, times: PIPETTE.times, grams: PIPETTE.grams },
  })
}

/** The thermometers of the racks, read once. */
export function loftAir(
  rounds: readonly RoundOccurrence[],
  places: readonly AnyRecord[],
  id: (ms: number) => string,
): Entry[] {
  const { at } = mornings(rounds).at(-1 - AIR_READ_AGO)!
  return AIR.map(({ place, topC, bottomC }) =>
    entry.parse({
      id: id(toMs(at)),
      at,
      by: 'phone loft',
      act: id(toMs(at)),
      supersedes: null,
      answers: null,
      kind: 'place.temperature',
      subject: { type: 'place', id: placeId(places, place) },
      data: { placeId: placeId(places, place), topC, bottomC, was: null },
    }),
  )
}

const methodId = (c: DemoCulture) => c.method || foodOf(c.food)!.methods[0]!.id

/** A culture of the loft with how it is lived. */
export interface LoftCulture {
  record: CultureRecord
  seed: number
  from: string | null
  wild: boolean
  ended: DemoCulture['ended']
  endsAt: Instant | null
}

/** Records with how each was begun and ended. */
export function loftLives(
  records: readonly CultureRecord[],
  rounds: readonly RoundOccurrence[],
): LoftCulture[] {
  const last = rounds.at(-1)!.at
  return records.map((record, i): LoftCulture => {
    const c = CULTURES[i]!
    const ends = rounds.find(r => c.ended && hoursBetween(r.at, last) <= c.ended.ago * 24)
    return {
      record,
      seed: c.seed,
      from: c.from ?? null,
      wild: c.wild ?? false,
      ended: c.ended,
      endsAt: ends?.at ?? null,
    }
  })
}

/** How a culture began. */
export function startOf(c: LoftCulture, all: readonly LoftCulture[]): Draft {
  const parent = all.find(x => x.record.name === c.from)?.record
  const elsewhere = c.wild ? ('wild' as const) : ('bought' as const)
  return {
    kind: 'culture.started',
    subject: { type: 'culture', id: c.record.id },
    data: {
      cultureId: c.record.id,
      origin: parent ? 'cultures' : elsewhere,
      parentIds: parent ? [parent.id] : [],
      starterMl: null,
      despite: [],
      hatch: null,
    },
  }
}

/** How it ended, at its round. */
export function endsOf(c: LoftCulture, round: RoundOccurrence): Draft | null {
  if (!c.ended || c.endsAt !== round.at) return null
  return {
    kind: 'culture.ended',
    subject: { type: 'culture', id: c.record.id },
    data: {
      cultureId: c.record.id,
      how: c.ended.how,
      cleaner: null,
      reason: '',
      despite: [],
    },
  }
}

/** A look by eye, most mornings: graded by somebody who is in a hurry. */
export function looksOf(t: Truth, chance: RandomStream): Draft[] {
  if (chance.next() >= LOOKED_AT / 2) return []
  const { food, family, state, params } = t.culture
  const signs: Partial<Record<Sign, number>> = {}
  for (const [sign, { grade, sd }] of Object.entries(family.look(state, params))) {
    const words = food.signs[sign as Sign]
    if (!words || chance.next() < SIGN_LEFT_OUT) continue
    const seen = Math.round(grade + chance.normal(0, sd))
    signs[sign as Sign] = Math.max(0, Math.min(words.length - 1, seen))
  }
  if (Object.keys(signs).length === 0) return []
  const cultureId = t.record.id
  return [
    {
      kind: 'culture.looked',
      subject: { type: 'culture', id: cultureId },
      data: { cultureId, signs },
    },
  ]
}
