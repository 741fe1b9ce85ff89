import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { makeId } from '@renatus/core/records/id'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { readCulture } from '@renatus/core/estimation/readCulture'
import { foodOf } from '@renatus/core/foods/index'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { running } from '@renatus/core/stock/cultures'
import { roomState, type RoomState } from '@renatus/core/stock/roomState'
import { addDays, localDateOf } from '@renatus/core/time/localDate'

const NOW = '2026-03-24T05:34:00.000Z'
const FISH = [
  'scarlet-badis',
  'medaka',
  'pygmy-sunfish',
  'peacock-gudgeon',
  'angelfish',
  'neon-goby',
]
const GROWN = [
  'infusoria',
  'paramecium',
  'vinegar-eel',
  'microworm',
  'moina',
  'rotifer',
  'grindal-worm',
]

/** A room of so many broods, a third of them still to come, and so many cultures of all ages. */
export function largeRoom(
  broods: number,
  cultures: number,
): { state: RoomState; readings: Map<string, CultureReading> } {
  const today = localDateOf(NOW, 'Europe/Berlin')
  let n = 0
  const id = () => makeId(3_000_000 + n++, new Uint8Array(10))
  const base = () => ({ id: id(), updatedAt: NOW, removedAt: null })
  const place = id()
  const tanks = Array.from({ length: broods }, (_, i) => ({
    ...base(),
    type: 'tank',
    placeId: place,
    name: `Tank ${i + 1}`,
    litres: 30,
    temperatureC: 25,
  }))
  const records: AnyRecord[] = [
    {
      ...base(),
      type: 'room',
      name: 'Large',
      timeZone: 'Europe/Berlin',
      rounds: [
        { name: 'Morning', at: '06:30' },
        { name: 'Evening', at: '19:00' },
      ],
      measures: 'metric',
      water: { pH: null, soft: false },
      hatchSaltGL: 25,
      foods: ['brine-shrimp', 'first-powder', ...GROWN],
    },
    { ...base(), id: place, type: 'place', name: 'Rack' },
    ...[1, 2, 3].map(i => ({
      ...base(),
      type: 'vessel',
      placeId: place,
      name: `Cone ${i}`,
      kind: 'cone',
      hatching: true,
      litres: 3,
      temperatureC: 26,
      lit: true,
    })),
    {
      ...base(),
      type: 'lot',
      name: 'Tin',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsAtStart: 900,
      price: 90,
      priceGrams: 454,
    },
    ...tanks,
    ...tanks.map((t, i) => ({
      ...base(),
      type: 'brood',
      name: `Brood ${i + 1}`,
      speciesId: FISH[i % FISH.length],
      tankId: t.id,
      anchor: {
        event: 'free',
        on: addDays(today, (i % 3) * 17 - 20 + (i % 7)),
        kind: i % 3 === 2 ? 'expected' : 'seen',
        spreadDays: i % 3 === 2 ? 2 : 0,
      },
      fry: 80 + 20 * (i % 5),
      countedOn: today,
    })),
    ...Array.from({ length: cultures }, (_, i) => {
      const food = foodOf(GROWN[i % GROWN.length]!)!
      const method = food.methods[0]!
      return {
        ...base(),
        type: 'culture',
        name: `Vessel ${i + 1}`,
        foodId: food.profile.id,
        methodId: method.id,
        placeId: place,
        startedAt: `${addDays(today, -3 - ((i * 5) % 24))}T06:00:00Z`,
        litres: method.vessel.volumeL,
        temperatureC: 24,
      }
    }),
  ].map(r => anyRecord.parse(r))
  const state = roomState(records, [], NOW)!
  const readings = new Map(
    running(state.cultureStates).map(c => [
      c.id,
      readCulture(c.record, [], NOTHING_LEARNED, NOW, undefined, { ahead: true })!.reading,
    ]),
  )
  return { state, readings }
}
