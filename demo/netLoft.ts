import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { addDays, type LocalDate } from '@renatus/core/time/localDate'

/** A brood of the demo room; days are counted from today, `ended` days ago it was moved on. */
interface DemoBrood {
  key: string
  name: string
  speciesId: string
  tank: string
  event: 'spawned' | 'hatched' | 'free'
  inDays: number
  fry: number
  kind: 'seen' | 'expected'
  spreadDays?: number
  endedAgo?: number
  forbidden?: readonly string[]
  /** Share of gel in its diet, from a day after free swimming on. */ gel?: {
    share: number
    fromDay: number
  }
}

const BROODS: readonly DemoBrood[] = [
  {
    key: 'old',
    name: 'Medaka, late summer',
    speciesId: 'medaka',
    tank: 'Grow-out A',
    event: 'free',
    inDays: -62,
    fry: 260,
    kind: 'seen',
    endedAgo: 12,
  },
  {
    key: 'medaka',
    name: 'Medaka, second batch',
    speciesId: 'medaka',
    tank: 'Grow-out B',
    event: 'free',
    inDays: -31,
    fry: 260,
    kind: 'seen',
    forbidden: ['moina'],
    gel: { share: 0.25, fromDay: 14 },
  },
  {
    key: 'badis',
    name: 'Scarlet badis',
    speciesId: 'scarlet-badis',
    tank: 'Moss box',
    event: 'free',
    inDays: -24,
    fry: 90,
    kind: 'seen',
  },
  {
    key: 'sunfish',
    name: 'Pygmy sunfish',
    speciesId: 'pygmy-sunfish',
    tank: 'Weed tray',
    event: 'hatched',
    inDays: -7,
    fry: 70,
    kind: 'seen',
  },
  // Spawned under watch: free swimming is worked out, and its first nauplii must be on the way by tomorrow.
  {
    key: 'gudgeon',
    name: 'Peacock gudgeon',
    speciesId: 'peacock-gudgeon',
    tank: 'Slate 2',
    event: 'spawned',
    inDays: -6,
    fry: 160,
    kind: 'seen',
  },
  // Its parents are conditioned: a spawn is hoped for, and the infusoria for it must stand by tomorrow.
  {
    key: 'hoped',
    name: 'Scarlet badis, next spawn',
    speciesId: 'scarlet-badis',
    tank: 'Fern box',
    event: 'spawned',
    inDays: 5,
    fry: 60,
    kind: 'expected',
    spreadDays: 2,
  },
  {
    key: 'goby',
    name: 'Neon goby',
    speciesId: 'neon-goby',
    tank: 'Salt cube',
    event: 'hatched',
    inDays: -8,
    fry: 240,
    kind: 'seen',
    forbidden: ['microworm', 'vinegar-eel'],
  },
]

const TANKS = [
  { name: 'Grow-out A', litres: 60, temperatureC: 25, place: 'Rack A' },
  { name: 'Grow-out B', litres: 54, temperatureC: 25, place: 'Rack A' },
  { name: 'Moss box', litres: 12, temperatureC: 24, place: 'Rack A' },
  { name: 'Fern box', litres: 10, temperatureC: 24, place: 'Rack A' },
  { name: 'Weed tray', litres: 8, temperatureC: 22, place: 'Window shelf' },
  { name: 'Slate 2', litres: 25, temperatureC: 26, place: 'Rack B' },
  { name: 'Salt cube', litres: 20, temperatureC: 26, place: 'Rack B' },
] as const

/** Foods of the loft: what stands on its shelves and in its freezer. */
const FOODS = [
  'brine-shrimp',
  'infusoria',
  'paramecium',
  'vinegar-eel',
  'microworm',
  'moina',
  'rotifer',
  'marine-phytoplankton',
  'grindal-worm',
  'gel',
]

/** How long the room has been kept, days. */
export const HISTORY_DAYS = 56

/**
 * The records of an invented room: a converted net loft over a boathouse, two racks, a window shelf, a hatch bench, a fridge and a freezer shelf,
 * kept by one person before and after work. All dates are relative to today.
 */
export function netLoft(
  today: LocalDate,
  timeZone: string,
  begun: string,
  id: () => string,
): AnyRecord[] {
  const base = { updatedAt: begun, removedAt: null }
  const places = new Map(
    ['Hatch bench', 'Rack A', 'Rack B', 'Window shelf'].map(name => [name, id()]),
  )
  const tanks = new Map(TANKS.map(t => [t.name as string, id()]))
  const records: unknown[] = [
    {
      ...base,
      id: id(),
      type: 'room',
      name: 'Net loft',
      timeZone,
      measures: 'metric',
      rounds: [
        { name: 'Morning round', at: '06:30' },
        { name: 'Evening round', at: '19:00' },
      ],
      water: { pH: 7.4, soft: true },
      hatchSaltGL: 25,
      foods: FOODS,
    },
    ...[...places].map(([name, placeId]) => ({ ...base, id: placeId, type: 'place', name })),
    {
      ...base,
      id: id(),
      type: 'vessel',
      placeId: places.get('Hatch bench'),
      name: 'Cone 1',
      kind: 'cone',
      hatching: true,
      litres: 2,
      temperatureC: 26,
      lit: true,
    },
    {
      ...base,
      id: id(),
      type: 'vessel',
      placeId: places.get('Hatch bench'),
      name: 'Cone 2',
      kind: 'cone',
      hatching: true,
      litres: 2,
      temperatureC: 26,
      lit: true,
    },
    {
      ...base,
      id: id(),
      type: 'vessel',
      placeId: places.get('Hatch bench'),
      name: 'Flask',
      kind: 'bottle',
      hatching: true,
      litres: 1,
      temperatureC: 26,
      lit: true,
    },
    {
      ...base,
      id: id(),
      type: 'salt',
      name: 'Coarse salt',
      kind: 'coarse',
      gPerMl: 1.05,
      iodised: false,
    },
    {
      ...base,
      id: id(),
      type: 'lot',
      name: 'Spring tin',
      hatch: 0.85,
      cystsPerG: 265_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: 120,
      price: 42,
      priceGrams: 120,
    },
    ...TANKS.map(t => ({
      ...base,
      id: tanks.get(t.name),
      type: 'tank',
      placeId: places.get(t.place),
      name: t.name,
      litres: t.litres,
      temperatureC: t.temperatureC,
      pH: t.name === 'Salt cube' ? 8.2 : 7.4,
    })),
    ...BROODS.map(b => ({
      ...base,
      id: id(),
      type: 'brood',
      name: b.name,
      speciesId: b.speciesId,
      tankId: tanks.get(b.tank),
      fry: b.fry,
      anchor: {
        event: b.event,
        on: addDays(today, b.inDays),
        kind: b.kind,
        spreadDays: b.spreadDays ?? 0,
      },
      countedOn: addDays(today, b.inDays),
      removedAt: b.endedAgo === undefined ? null : `${addDays(today, -b.endedAgo)}T18:00:00.000Z`,
      wishes: {
        school: 'ladder',
        forbidden: b.forbidden ?? [],
        preferred: [],
        pins: b.gel
          ? [{ food: 'gel', share: b.gel.share, fromDay: b.gel.fromDay, toDay: 400 }]
          : [],
      },
    })),
  ]
  return records.map(r => anyRecord.parse(r))
}
