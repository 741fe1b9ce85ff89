import { hatchFood } from '../foods/hatchFood'
import { methodOf } from '../estimation/learning/cultureSubject'
import { running } from '../stock/cultures'
import { temperatureNow } from '../stock/placeTemperature'
import { backupOf } from '../stock/lines'
import type { RoomState } from '../stock/roomState'

export type Accident = 'power' | 'heater'

/** Something that stands in the room, and how long it lasts. */
export interface Patient {
  id: string
  name: string
  what: 'hatch' | 'tank' | 'culture'
  /** Hours until it suffers, and of what; Infinity when it does not. */
  hours: number
  dies: 'of no air' | 'of cold' | 'not soon'
  /** Temperature it ends at, degC. */
  endsAtC: number
  /** Nothing else of its kind is left in the room. */
  onlyOne: boolean
  act: string
}

/** A vessel comes nearer to its room by 1 - 1/e in so many hours: cube root of the litres, as surface goes to volume (working estimate, glass in still air). */
const hoursToCool = (litres: number) => 2.5 * Math.cbrt(litres)
/** Fry hold out without air so long, h: by how many litres each has (working estimate for a stocked rearing tank). */
const FRY_AIR_H = 12
const CROWDED_L_PER_FRY = 0.1

/** Hours until a vessel falls below what lives in it bears; Infinity when it does not. */
export function hoursUntilCold(
  litres: number,
  nowC: number,
  roomC: number,
  leastC: number,
): number {
  if (roomC >= leastC) return Infinity
  if (nowC <= leastC) return 0
  return hoursToCool(litres) * Math.log((nowC - roomC) / (leastC - roomC))
}

function first(airH: number, coldH: number): Pick<Patient, 'hours' | 'dies'> {
  if (!Number.isFinite(Math.min(airH, coldH))) return { hours: Infinity, dies: 'not soon' }
  return airH <= coldH ? { hours: airH, dies: 'of no air' } : { hours: coldH, dies: 'of cold' }
}

/** What to do for a culture when the power is gone. */
function actFor(airH: number, only: boolean): string {
  if (airH < Infinity)
    return 'Stir or shake it every half hour; thin a dense one by half into a second vessel.'
  return only
    ? 'Carry it to the warmest place: nothing else of it is left.'
    : 'Leave it: it comes back by itself.'
}

/**
 * What suffers when the power or a heater is gone, the first to die first; of those that die at the same time what nothing else could replace.
 * @param roomC how cold the room will get
 * @param placeId only this place, where one heater failed
 */
export function firstAid(
  state: RoomState,
  accident: Accident,
  roomC: number,
  placeId: string | null = null,
): Patient[] {
  const noAir = accident === 'power'
  const here = (id: string | null) => accident === 'power' || placeId === null || id === placeId
  const hatches = state.hatches
    .filter(r => r.endedAt === null)
    .flatMap((r): Patient[] => {
      const vessel = state.vessels.find(v => v.id === r.vesselId)
      if (!vessel || !here(vessel.placeId)) return []
      const cold = hoursUntilCold(r.setup.waterL, r.setup.temperatureC, roomC, hatchFood.rangeC[0])
      return [
        {
          id: r.id,
          name: vessel.name,
          what: 'hatch',
          ...first(noAir ? (hatchFood.withoutAirH ?? Infinity) : Infinity, cold),
          endsAtC: roomC,
          onlyOne: false,
          act: noAir
            ? 'Hatched: draw it now, feed, chill the rest. Not yet: stir every quarter of an hour, or pour it flat into trays.'
            : 'It hatches later, not less, above 15 °C: lay a towel round it, and read the thermometer at each round.',
        },
      ]
    })
  const tanks = state.tanks
    .filter(t => here(t.placeId))
    .flatMap((t): Patient[] => {
      const broods = state.broods.filter(b => b.tank?.id === t.id && b.species !== null)
      if (broods.length === 0) return []
      const fry = broods.reduce((n, b) => n + b.fryNow, 0)
      const least = Math.max(...broods.map(b => b.species!.rangeC[0]))
      const crowded = t.litres / Math.max(1, fry) < CROWDED_L_PER_FRY
      return [
        {
          id: t.id,
          name: `${t.name}: ${broods.map(b => b.name).join(', ')}`,
          what: 'tank',
          ...first(
            noAir ? FRY_AIR_H * (crowded ? 0.5 : 1) : Infinity,
            hoursUntilCold(t.litres, t.temperatureC, roomC, least),
          ),
          endsAtC: roomC,
          onlyOne: true,
          act: noAir
            ? 'Do not feed. Battery pump, or pour a cup from high up every half hour; blanket round the glass, lid on.'
            : 'Blanket and lid; bottles of warm water at the side; feed half, they eat less.',
        },
      ]
    })
  const cultures = running(state.cultureStates)
    .filter(c => here(c.placeId))
    .flatMap((c): Patient[] => {
      const known = methodOf(c.record)
      if (!known) return []
      const temperatureC = temperatureNow(c.record, state.places, state.entries)
      const airH = noAir ? (known.food.withoutAirH ?? Infinity) : Infinity
      const backup = backupOf(state.cultureStates, c.id)
      return [
        {
          id: c.id,
          name: c.record.name,
          what: 'culture',
          ...first(
            airH,
            hoursUntilCold(c.record.litres, temperatureC, roomC, known.food.rangeC[0]),
          ),
          endsAtC: roomC,
          onlyOne: backup.code === 'only',
          act: actFor(airH, backup.code === 'only'),
        },
      ]
    })
  return [...hatches, ...tanks, ...cultures].sort(
    (a, b) =>
      a.hours - b.hours || Number(b.onlyOne) - Number(a.onlyOne) || (a.name < b.name ? -1 : 1),
  )
}
