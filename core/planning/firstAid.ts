import { hatchFood } from '../foods/hatchFood'
import { methodOf } from '../estimation/learning/cultureSubject'
import { running } from '../stock/cultures'
import { temperatureNow } from '../stock/placeTemperature'
import { backupOf } from '../stock/lines'
import type { RoomState } from '../stock/roomState'

/** What can happen to a whole room: no power, no air, a heater that is off or stuck on, days of heat. */
export const ACCIDENTS = ['power', 'air', 'heater', 'stuck', 'heat'] as const
export type Accident = (typeof ACCIDENTS)[number]

/** How warm or cold it gets, °C: the room, the heater, or the forecast of the hottest day and the night after it. */
export interface AccidentWarmth {
  toC: number
  /** In days of heat. */
  nightC?: number
}

/** Something that stands in the room, and how long it lasts. */
export interface Patient {
  id: string
  name: string
  what: 'hatch' | 'tank' | 'culture'
  /** Hours until it suffers, and of what; Infinity when it does not. */
  hours: number
  dies: 'of no air' | 'of cold' | 'of heat' | 'not soon'
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

/** Hours until a vessel rises above what lives in it bears; Infinity when it does not. */
export const hoursUntilHot = (litres: number, nowC: number, toC: number, mostC: number): number =>
  hoursUntilCold(litres, -nowC, -toC, -mostC)

/** The warmest that a vessel gets where a night lies between two hot days: a large one takes little part in the swing. */
function peakOf(litres: number, { toC, nightC }: AccidentWarmth): number {
  if (nightC === undefined) return toC
  const middle = (toC + nightC) / 2
  const swing = (2 * Math.PI * hoursToCool(litres)) / 24
  return middle + (toC - middle) / Math.sqrt(1 + swing ** 2)
}

interface Body {
  litres: number
  nowC: number
  rangeC: readonly [least: number, most: number]
  /** Hours it lasts without air. */
  airH: number
}
const AIRLESS: readonly Accident[] = ['power', 'air']
const COLD: readonly Accident[] = ['power', 'heater']
const HOT: readonly Accident[] = ['stuck', 'heat']

/** What something suffers of an accident first, and when. */
function suffers(
  accident: Accident,
  warmth: AccidentWarmth,
  { litres, nowC, rangeC: [least, most], airH }: Body,
): Pick<Patient, 'hours' | 'dies' | 'endsAtC'> {
  const peak = peakOf(litres, warmth)
  const of = (list: readonly Accident[], hours: number) =>
    list.includes(accident) ? hours : Infinity
  const ways: { hours: number; dies: Patient['dies']; endsAtC: number }[] = [
    { hours: of(AIRLESS, airH), dies: 'of no air', endsAtC: nowC },
    {
      hours: of(COLD, hoursUntilCold(litres, nowC, warmth.toC, least)),
      dies: 'of cold',
      endsAtC: warmth.toC,
    },
    { hours: of(HOT, hoursUntilHot(litres, nowC, peak, most)), dies: 'of heat', endsAtC: peak },
  ]
  const first = ways.reduce((a, b) => (b.hours < a.hours ? b : a))
  return Number.isFinite(first.hours) ? first : { ...first, dies: 'not soon' }
}

const HATCH_ACTS: Record<Accident, string> = {
  power:
    'Hatched: draw it now, feed, chill the rest. Not yet: stir every quarter of an hour, or pour it flat into trays.',
  air: 'Stir every quarter of an hour, or pour it flat into trays; what has hatched is drawn and fed now.',
  heater:
    'It hatches later, not less, above 15 °C: lay a towel round it, and read the thermometer at each round.',
  stuck:
    'Heater out of the socket. Stand it in a bowl of cool water, air on; draw what has hatched.',
  heat: 'Stand it on the floor in a bowl of water, air on, lamp off; it is ready sooner, so pull it sooner.',
}
const TANK_ACTS: Record<Accident, string> = {
  power:
    'Do not feed. Battery pump, or pour a cup from high up every half hour; blanket round the glass, lid on.',
  air: 'Do not feed. Battery pump, or pour a cup from high up every half hour; change a tenth of the water.',
  heater: 'Blanket and lid; bottles of warm water at the side; feed half, they eat less.',
  stuck:
    'Heater out of the socket. Lid off, air on; change a tenth with water two degrees cooler, again in an hour. No ice into the tank.',
  heat: 'Lid off, lamp off, air on, a fan across the water; feed half, early and late. Cold bottles at the side, no ice into the tank.',
}

/** What to do for a culture. */
function cultureAct(accident: Accident, airH: number, only: boolean): string {
  if (HOT.includes(accident))
    return only
      ? 'Carry it to the coolest place first: nothing else of it is left. No ice into it.'
      : 'Carry it to the coolest place, lid open; take a third out of a dense one.'
  if (AIRLESS.includes(accident) && airH < Infinity)
    return 'Stir or shake it every half hour; thin a dense one by half into a second vessel.'
  if (accident === 'air') return 'Leave it: it needs no air.'
  return only
    ? 'Carry it to the warmest place: nothing else of it is left.'
    : 'Leave it: it comes back by itself.'
}

/**
 * What suffers of an accident, the first to die first; of those that die at the same time what nothing else could replace.
 * @param placeId only this place, where one heater or pump failed
 */
export function firstAid(
  state: RoomState,
  accident: Accident,
  warmth: AccidentWarmth,
  placeId: string | null = null,
): Patient[] {
  const everywhere = accident === 'power' || accident === 'heat' || placeId === null
  const here = (id: string | null) => everywhere || id === placeId
  const found = [
    ...hatchPatients(state, accident, warmth, here),
    ...tankPatients(state, accident, warmth, here),
    ...culturePatients(state, accident, warmth, here),
  ]
  return found.sort(
    (a, b) =>
      a.hours - b.hours || Number(b.onlyOne) - Number(a.onlyOne) || (a.name < b.name ? -1 : 1),
  )
}

type Here = (placeId: string | null) => boolean

const hatchPatients = (state: RoomState, accident: Accident, warmth: AccidentWarmth, here: Here) =>
  state.hatches
    .filter(r => r.endedAt === null)
    .flatMap((r): Patient[] => {
      const vessel = state.vessels.find(v => v.id === r.vesselId)
      if (!vessel || !here(vessel.placeId)) return []
      const body = {
        litres: r.setup.waterL,
        nowC: r.setup.temperatureC,
        rangeC: [hatchFood.rangeC[0], hatchFood.alarmHighC ?? hatchFood.rangeC[1]] as const,
        airH: hatchFood.withoutAirH ?? Infinity,
      }
      return [
        {
          id: r.id,
          name: vessel.name,
          what: 'hatch',
          ...suffers(accident, warmth, body),
          onlyOne: false,
          act: HATCH_ACTS[accident],
        },
      ]
    })

const tankPatients = (state: RoomState, accident: Accident, warmth: AccidentWarmth, here: Here) =>
  state.tanks
    .filter(t => here(t.placeId))
    .flatMap((t): Patient[] => {
      const broods = state.broods.filter(b => b.tank?.id === t.id && b.species !== null)
      if (broods.length === 0) return []
      const fry = broods.reduce((n, b) => n + b.fryNow, 0)
      const crowded = t.litres / Math.max(1, fry) < CROWDED_L_PER_FRY
      const body = {
        litres: t.litres,
        nowC: t.temperatureC,
        rangeC: [
          Math.max(...broods.map(b => b.species!.rangeC[0])),
          Math.min(...broods.map(b => b.species!.rangeC[1])),
        ] as const,
        airH: FRY_AIR_H * (crowded ? 0.5 : 1),
      }
      return [
        {
          id: t.id,
          name: `${t.name}: ${broods.map(b => b.name).join(', ')}`,
          what: 'tank',
          ...suffers(accident, warmth, body),
          onlyOne: true,
          act: TANK_ACTS[accident],
        },
      ]
    })

const culturePatients = (
  state: RoomState,
  accident: Accident,
  warmth: AccidentWarmth,
  here: Here,
) =>
  running(state.cultureStates)
    .filter(c => here(c.placeId))
    .flatMap((c): Patient[] => {
      const known = methodOf(c.record)
      if (!known) return []
      const airH = known.food.withoutAirH ?? Infinity
      const only = backupOf(state.cultureStates, c.id).code === 'only'
      const body = {
        litres: c.record.litres,
        nowC: temperatureNow(c.record, state.places, state.entries),
        rangeC: known.food.rangeC,
        airH,
      }
      return [
        {
          id: c.id,
          name: c.record.name,
          what: 'culture',
          ...suffers(accident, warmth, body),
          onlyOne: only,
          act: cultureAct(accident, airH, only),
        },
      ]
    })
