import type { Place } from '../records/records'
import type { Stop } from './stop'

const NAMED: Partial<Record<Stop['type'], string>> = {
  tank: 'Tanks',
  discard: 'Fridge',
  cook: 'Kitchen',
}

/** Where a stop is done, in words. */
export function placeName(stop: Stop, places: readonly Pick<Place, 'id' | 'name'>[]): string {
  if (stop.type === 'tub' || stop.type === 'old-gel')
    return stop.box.store === 'freezer' ? 'Freezer' : 'Fridge'
  return NAMED[stop.type] ?? places.find(p => p.id === stop.placeId)?.name ?? 'Room'
}
