import { randomStream } from '@renatus/core/math/random'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { addDays, addHours, localDateOf, toMs, type Instant } from '@renatus/core/time/localDate'

const ZONE = 'Europe/Berlin'
const FISH = ['pygmy-sunfish', 'scarlet-badis', 'medaka', 'angelfish', 'peacock-gudgeon'] as const
const FOODS = [
  ['infusoria', 'microworm', 'paramecium'],
  ['paramecium', 'vinegar-eel', 'microworm'],
  ['infusoria', 'paramecium', 'banana-worm'],
] as const
/** Days from which and until which fry are expected to swim free. */
const FREE = [7, 30] as const
const BROODS = [2, 4] as const
const FRY = [30, 120] as const

/**
 * A room in which nothing stands yet: two cones, a tin, a few foods that are to be kept, and broods that are expected in the next weeks.
 * The same for the same seed.
 */
export function beginnersRoom(seed: number, now: Instant): AnyRecord[] {
  const chance = randomStream(7000 + seed)
  const today = localDateOf(now, ZONE)
  let n = 0
  const born = toMs(now) - 86_400_000
  const id = () => makeId(born + seed * 1000 + n++, new Uint8Array(10))
  const tanks = Array.from({ length: chance.integer(...BROODS) }, id)
  const raw: Record<string, unknown>[] = [
    {
      type: 'room',
      name: 'Beginning',
      timeZone: ZONE,
      rounds: [
        { name: 'Morning round', at: '06:30' },
        { name: 'Evening round', at: '19:00' },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      foods: ['brine-shrimp', ...FOODS[seed % FOODS.length]!],
    },
    ...[1, 2].map(i => ({
      type: 'vessel',
      placeId: null,
      name: `Cone ${i}`,
      kind: 'cone',
      hatching: true,
      litres: 2,
      temperatureC: 26,
      lit: true,
    })),
    { type: 'salt', name: 'Salt', kind: 'fine', gPerMl: 1.22, iodised: false },
    {
      type: 'lot',
      name: 'Tin',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: 400,
      price: null,
      priceGrams: null,
    },
    ...tanks.map((tank, i) => ({
      id: tank,
      type: 'tank',
      placeId: null,
      name: `Tank ${i + 1}`,
      litres: chance.integer(20, 60),
      temperatureC: 25,
    })),
    ...tanks.map((tankId, i) => ({
      type: 'brood',
      name: `Brood ${i + 1}`,
      speciesId: FISH[chance.integer(0, FISH.length - 1)],
      tankId,
      anchor: {
        event: 'free',
        on: addDays(today, chance.integer(...FREE)),
        kind: 'expected',
        spreadDays: chance.integer(0, 2),
      },
      fry: chance.integer(...FRY),
      countedOn: today,
    })),
  ]
  const updatedAt = addHours(now, -1)
  return raw.map(r => anyRecord.parse({ id: id(), updatedAt, removedAt: null, ...r }))
}
