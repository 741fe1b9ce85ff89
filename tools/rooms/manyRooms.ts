import { entry, type Entry } from '@renatus/core/records/entries'
import { makeId } from '@renatus/core/records/id'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import { foodOf } from '@renatus/core/foods/index'
import { anyRecord, type AnyRecord, type CultureRecord } from '@renatus/core/records/records'
import { addDays, addHours, localDateOf, toMs, type Instant } from '@renatus/core/time/localDate'
import { readingKnown, type KnownRoom } from './knownRoom'

/** How large a room is, and in which mood it was set up. */
export interface RoomPlan {
  seed: number
  now: Instant
  broods: number
  cultures: number
  cones: number
  /** Salt-water broods among them. */
  marine?: boolean
  /** Places the vessels and tanks stand at. */
  places?: number
  /** Dry and frozen food that is kept. */
  kept?: boolean
}

const ZONE = 'Europe/Berlin'
const FRESH = ['angelfish', 'pygmy-sunfish', 'medaka', 'scarlet-badis', 'zebrafish'] as const
const MARINE = 'neon-goby'
const GROWN = [
  'infusoria',
  'paramecium',
  'vinegar-eel',
  'microworm',
  'moina',
  'rotifer',
  'grindal-worm',
  'green-water',
] as const
const DRY = ['first-powder', 'decapsulated-cysts'] as const
/** Days since its start by which most cultures of these rooms are ready. */
const OLDEST_D = 26

const pick = <T>(list: readonly T[], chance: RandomStream): T =>
  list[Math.floor(chance.next() * list.length)]!

function broodRecords(
  p: RoomPlan,
  chance: RandomStream,
  places: readonly string[],
  id: () => string,
) {
  const today = localDateOf(p.now, ZONE)
  return Array.from({ length: p.broods }, (_, i) => {
    const tankId = id()
    const speciesId = p.marine && i % 5 === 4 ? MARINE : pick(FRESH, chance)
    const age = Math.floor(chance.next() * 40) - 6
    const seen = chance.next() < 0.7
    return [
      {
        type: 'tank',
        id: tankId,
        placeId: pick(places, chance),
        name: `Tank ${i + 1}`,
        litres: 10 + Math.floor(chance.next() * 50),
        temperatureC: 24 + Math.floor(chance.next() * 3),
      },
      {
        type: 'brood',
        id: id(),
        name: `Brood ${i + 1}`,
        speciesId,
        tankId,
        anchor: {
          event: 'free',
          on: addDays(today, -age),
          kind: seen && age >= 0 ? 'seen' : 'expected',
          spreadDays: seen && age >= 0 ? 0 : 2,
        },
        fry: 40 + Math.floor(chance.next() * 200),
        countedOn: addDays(today, -age),
      },
    ]
  }).flat()
}

function cultureRecords(
  p: RoomPlan,
  chance: RandomStream,
  places: readonly string[],
  id: () => string,
) {
  return Array.from({ length: p.cultures }, (_, i) => {
    const food = foodOf(GROWN[(i + p.seed) % GROWN.length]!)!
    const method = pick(food.methods, chance)
    return {
      type: 'culture',
      id: id(),
      name: `${food.profile.name} ${i + 1}`,
      foodId: food.profile.id,
      methodId: method.id,
      placeId: pick(places, chance),
      startedAt: addHours(p.now, -24 * (2 + Math.floor(chance.next() * OLDEST_D))),
      litres: method.vessel.volumeL,
      temperatureC: 23 + Math.floor(chance.next() * 3),
      mother: chance.next() < 0.1,
      logged: true,
    }
  })
}

/**
 * A room of any size, the same for the same seed: broods of all ages, cultures of all foods, cones, stores.
 * With it the cultures as they really are, so that tests need not read them by the filter.
 */
export function manyRooms(p: RoomPlan): KnownRoom {
  const chance = randomStream(p.seed * 7919 + 13)
  let n = 0
  const born = toMs(p.now) - 60 * 86_400_000
  const id = () =>
    makeId(
      born + n++,
      Uint8Array.from({ length: 10 }, () => (p.seed * 31) % 256),
    )
  const base = { updatedAt: addHours(p.now, -24 * 60), removedAt: null }
  const places = Array.from({ length: Math.max(1, p.places ?? 3) }, id)
  const keptFoods = p.kept ? DRY : []
  const raw: Record<string, unknown>[] = [
    {
      type: 'room',
      id: id(),
      name: 'Many',
      timeZone: ZONE,
      rounds: [
        { name: 'Morning round', at: '06:30', minutes: p.broods > 10 ? 90 : null },
        { name: 'Evening round', at: '19:00', minutes: p.broods > 10 ? 90 : null },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      foods: ['brine-shrimp', ...GROWN, ...keptFoods],
    },
    ...places.map((place, i) => ({ type: 'place', id: place, name: `Rack ${i + 1}` })),
    ...Array.from({ length: p.cones }, (_, i) => ({
      type: 'vessel',
      id: id(),
      placeId: places[0],
      name: `Cone ${i + 1}`,
      kind: 'cone',
      litres: 2,
      temperatureC: 26,
      lit: true,
      hatching: true,
    })),
    { type: 'salt', id: id(), name: 'Salt', kind: 'fine', gPerMl: 1.22, iodised: false },
    {
      type: 'lot',
      id: id(),
      name: 'Tin',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: 400,
      price: null,
      priceGrams: null,
    },
    ...broodRecords(p, chance, places, id),
    ...cultureRecords(p, chance, places, id),
  ]
  const records = raw.map(r => anyRecord.parse({ ...base, ...r }))
  const entries = [...starts(records, id), ...stores(p, chance, keptFoods, id)]
  return readingKnown(records, entries, p.seed)
}

const write = (id: () => string, at: Instant, draft: object): Entry => {
  const act = id()
  return entry.parse({ id: act, at, by: 'many', act, supersedes: null, answers: null, ...draft })
}

function starts(records: readonly AnyRecord[], id: () => string): Entry[] {
  const cultures = records.filter((r): r is CultureRecord => r.type === 'culture')
  return cultures.map(c =>
    write(id, c.startedAt, {
      kind: 'culture.started',
      subject: { type: 'culture', id: c.id },
      data: { cultureId: c.id, origin: 'bought', parentIds: [], starterMl: null },
    }),
  )
}

/** Chilled nauplii of last night, cubes, and tins, as luck has it. */
function stores(
  p: RoomPlan,
  chance: RandomStream,
  dry: readonly string[],
  id: () => string,
): Entry[] {
  const found: Entry[] = []
  const put = (hours: number, data: object) => {
    const storeId = id()
    const at = addHours(p.now, -hours)
    const subject = { type: 'store', id: storeId }
    found.push(write(id, at, { kind: 'store.filled', subject, data: { storeId, ...data } }))
  }
  if (chance.next() < 0.6)
    put(11, {
      name: 'Cup',
      foodId: 'brine-shrimp',
      keep: 'fridge',
      unit: 'mL',
      amount: 150,
      organisms: 500 + Math.floor(chance.next() * 20_000),
    })
  if (chance.next() < 0.3)
    put(400, {
      name: 'Cubes',
      foodId: 'frozen-nauplii',
      keep: 'freezer',
      unit: 'cube',
      amount: 10,
      organisms: 20_000,
    })
  for (const foodId of dry)
    put(500, { name: foodId, foodId, keep: 'dry', unit: 'g', amount: null, organisms: null })
  return found
}

/** The room that a careful person can still keep: 25 broods, 40 cultures, 12 cones. */
export const largeRoom = (now: Instant, seed = 1): KnownRoom =>
  manyRooms({ seed, now, broods: 25, cultures: 40, cones: 12, places: 5, kept: true, marine: true })
