import { running } from '../stock/cultures'
import { airNow, airAt } from '../stock/placeTemperature'
import type { RoomState } from '../stock/roomState'

/** A heater that holds water so many degrees above the air runs all the time (working estimate). */
const FULL_AT_C = 10
const HOURS_A_DAY = 24

/** Share of the time that a heater runs, by the degrees it holds above the air (working estimate). */
export const heaterShare = (waterC: number, airC: number): number =>
  Math.min(1, Math.max(0, (waterC - airC) / FULL_AT_C))

/** Heaters of tanks and of vessels that hold something, cost of a day; 0 where no tariff or no watts are given. */
export function energyPerDay(state: RoomState): number {
  const { energy } = state.room
  if (!energy) return 0
  const airOf = (placeId: string | null) => {
    const place = state.places.find(p => p.id === placeId)
    return (place && airAt(airNow(place, state.entries), 'middle')) ?? energy.airC
  }
  const inUse = new Set(running(state.cultureStates).map(c => c.record.vesselId))
  const heated = [
    ...state.tanks.map(t => ({ watts: t.watts, c: t.temperatureC, placeId: t.placeId })),
    ...state.vessels
      .filter(v => inUse.has(v.id) && v.temperatureC !== null)
      .map(v => ({ watts: v.watts, c: v.temperatureC!, placeId: v.placeId })),
  ]
  const kwh = heated.reduce(
    (sum, h) => sum + ((h.watts ?? 0) / 1000) * HOURS_A_DAY * heaterShare(h.c, airOf(h.placeId)),
    0,
  )
  return kwh * energy.perKwh
}
