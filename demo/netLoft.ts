import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { addDays, type LocalDate } from '@renatus/core/time/localDate'

/** A brood of the demo room; `ended` days ago it was moved on. */
interface DemoBrood { key: string, name: string, speciesId: string, tank: string, freeIn: number, fry: number, kind: 'seen' | 'expected', endedAgo?: number }

const BROODS: readonly DemoBrood[] = [
  { key: 'old', name: 'Medaka, late summer', speciesId: 'medaka', tank: 'Grow-out A', freeIn: -62, fry: 380, kind: 'seen', endedAgo: 12 },
  { key: 'medaka', name: 'Medaka, second batch', speciesId: 'medaka', tank: 'Grow-out B', freeIn: -31, fry: 420, kind: 'seen' },
  { key: 'badis', name: 'Scarlet badis', speciesId: 'scarlet-badis', tank: 'Moss box', freeIn: -24, fry: 90, kind: 'seen' },
  { key: 'sunfish', name: 'Pygmy sunfish', speciesId: 'pygmy-sunfish', tank: 'Weed tray', freeIn: -3, fry: 70, kind: 'seen' },
  { key: 'gudgeon', name: 'Peacock gudgeon', speciesId: 'peacock-gudgeon', tank: 'Slate 2', freeIn: 2, fry: 160, kind: 'expected' },
]

const TANKS = [
  { name: 'Grow-out A', litres: 60, temperatureC: 25 }, { name: 'Grow-out B', litres: 54, temperatureC: 25 }, { name: 'Moss box', litres: 12, temperatureC: 24 },
  { name: 'Weed tray', litres: 8, temperatureC: 22 }, { name: 'Slate 2', litres: 25, temperatureC: 26 },
] as const

/** How long the room has been kept, days. */
export const HISTORY_DAYS = 56

/**
 * The records of an invented room: a converted net loft over a boathouse, two racks, a window shelf, a hatch bench, a fridge and a freezer shelf,
 * kept by one person before and after work. All dates are relative to today.
 */
export function netLoft(today: LocalDate, timeZone: string, begun: string, id: () => string): AnyRecord[] {
  const base = { updatedAt: begun, removedAt: null }
  const places = new Map(['Hatch bench', 'Rack A', 'Rack B', 'Window shelf'].map(name => [name, id()]))
  const tanks = new Map(TANKS.map(t => [t.name as string, id()]))
  const records: unknown[] = [
    { ...base, id: id(), type: 'room', name: 'Net loft', timeZone, measures: 'metric', rounds: [{ name: 'Morning round', at: '06:30' }, { name: 'Evening round', at: '19:00' }], water: { pH: 7.4, soft: true }, hatchSaltGL: 25 },
    ...[...places].map(([name, placeId]) => ({ ...base, id: placeId, type: 'place', name })),
    { ...base, id: id(), type: 'vessel', placeId: places.get('Hatch bench'), name: 'Cone 1', shape: 'cone', litres: 2, temperatureC: 26, lit: true },
    { ...base, id: id(), type: 'vessel', placeId: places.get('Hatch bench'), name: 'Cone 2', shape: 'cone', litres: 2, temperatureC: 26, lit: true },
    { ...base, id: id(), type: 'vessel', placeId: places.get('Hatch bench'), name: 'Flask', shape: 'bottle', litres: 1, temperatureC: 26, lit: true },
    { ...base, id: id(), type: 'salt', name: 'Coarse salt', kind: 'coarse', gPerMl: 1.05, iodised: false },
    { ...base, id: id(), type: 'lot', name: 'Spring tin', hatch: 0.85, cystsPerG: 265_000, speed: 1, spread: 0.17, gramsAtStart: 120, price: 42, priceGrams: 120 },
    ...TANKS.map(t => ({ ...base, id: tanks.get(t.name), type: 'tank', placeId: places.get(t.name === 'Weed tray' ? 'Window shelf' : t.name === 'Slate 2' ? 'Rack B' : 'Rack A'), name: t.name, litres: t.litres, temperatureC: t.temperatureC })),
    ...BROODS.map(b => ({
      ...base, id: id(), type: 'brood', name: b.name, speciesId: b.speciesId, own: null, tankId: tanks.get(b.tank), freeSwimmingOn: addDays(today, b.freeIn), dateKind: b.kind, fry: b.fry,
      countedOn: addDays(today, b.freeIn), removedAt: b.endedAgo === undefined ? null : `${addDays(today, -b.endedAgo)}T18:00:00.000Z`,
    })),
  ]
  return records.map(r => anyRecord.parse(r))
}
