import type { FoodMethod } from '../../foods/contract'
import type { Vessel } from '../../records/records'
import { running } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'

/** Vessels that are alike, and on how many of them a new culture may be started. */
export interface VesselClass {
  id: string
  name: string
  litres: number
  free: number
}

/** Vessels of one food that a room is taken to have room for, where it names none: many jars, few buckets. */
export function roomFor(litres: number): number {
  if (litres <= 2) return 10
  return litres <= 6 ? 6 : 4
}
/** So many times smaller or larger than usual a vessel may be. */
const FITS_WITHIN = 4
const CLASSES = 2

const isFlat = (m: FoodMethod) => m.vessel.depthCm < m.vessel.widthCm / 2
const FLAT: readonly Vessel['kind'][] = ['tray', 'box', 'tub']

/** Whether a method can be worked in a vessel: near enough in volume, and flat where the method is. */
export const fitsVessel = (m: FoodMethod, c: Pick<Vessel, 'kind' | 'litres'>): boolean =>
  Math.abs(Math.log(c.litres / m.vessel.volumeL)) <= Math.log(FITS_WITHIN) &&
  (isFlat(m) ? FLAT.includes(c.kind) : c.kind !== 'tray')

/** Work is by the vessel: where nobody has kept the food yet, a larger one of a kind that is small is as soon started and fed. */
const LARGER = { flat: 2.5, jar: 10 } as const
const LARGER_TO_L = 5
function largerOf(method: FoodMethod): number {
  const { volumeL } = method.vessel
  const most = volumeL * LARGER[isFlat(method) ? 'flat' : 'jar']
  return Math.max(volumeL, Math.min(LARGER_TO_L, most))
}

/**
 * Classes of vessels for a new culture of a method, the nearest in volume first. A room that names no vessels for cultures is taken to
 * have such as it kept the food in, or jars of a few litres.
 * @param kept litres in which the food was kept last, null where it never was
 */
export function vesselClasses(
  state: RoomState,
  foodId: string,
  method: FoodMethod,
  kept: number | null,
): VesselClass[] {
  const litres = kept ?? largerOf(method)
  const vessels = state.vessels.filter(v => !v.hatching)
  if (vessels.length === 0)
    return [{ id: `any ${foodId}`, name: `vessel of ${litres} L`, litres, free: roomFor(litres) }]
  const inUse = new Set(running(state.cultureStates).map(c => c.record.vesselId))
  const classes = new Map<string, VesselClass>()
  for (const c of vessels) {
    if (inUse.has(c.id) || !fitsVessel(method, c)) continue
    const id = `${c.kind} ${c.litres}`
    const found = classes.get(id)
    if (found) found.free++
    else classes.set(id, { id, name: `${c.kind} of ${c.litres} L`, litres: c.litres, free: 1 })
  }
  return [...classes.values()]
    .sort((a, b) => Math.abs(Math.log(a.litres / litres)) - Math.abs(Math.log(b.litres / litres)))
    .slice(0, CLASSES)
}
