import type { Place } from '../records/records'
import type { Stop } from './stop'

type Places = readonly Pick<Place, 'id' | 'name'>[]

/** Where what is kept stands: boxes of gel by their store, nauplii in the fridge. */
function storeName(stop: Stop): string | null {
  if (stop.kind === 'tub') return stop.box.store === 'freezer' ? 'Freezer' : 'Fridge'
  if (stop.kind !== 'clear') return null
  if (stop.what.of === 'gel') return stop.what.box.store === 'freezer' ? 'Freezer' : 'Fridge'
  if (stop.what.of === 'hatch') return null
  return stop.what.stores[0].keep === 'freezer' ? 'Freezer' : 'Fridge'
}

/** Where a stop is done, in words. */
export function placeName(stop: Stop, places: Places): string {
  if (stop.kind === 'order') return 'Paper'
  if (stop.kind === 'cook') return 'Kitchen'
  const kept = storeName(stop)
  const place = places.find(p => p.id === stop.placeId)?.name
  if (stop.kind === 'tank') return place ? `Tanks, ${place}` : 'Tanks'
  return kept ?? place ?? 'Room'
}
