import type { CultureReading } from '../../estimation/readCulture'
import type { Food, FoodMethod } from '../../foods/contract'
import { foodOf } from '../../foods/index'
import { simulate } from '../../foods/simulate'
import { running } from '../../stock/cultures'
import { temperatureNow } from '../../stock/placeTemperature'
import type { RoomState } from '../../stock/roomState'
import type { Reliability } from './redundancy'
import type { Running, Startable } from './problem'

/** A way to start a food in this room, with what the planner has to know of its chances. */
export interface RoomStart extends Startable { foodOf: Food, method: FoodMethod, reliability: Reliability, temperatureC: number, litres: number, bought: boolean }

/** Days until a bought starter is there, and what it costs, in the units of a price tag (working estimates). */
export const BUY = { days: 5, cost: 8 } as const
/** Vessels of one food that a room is taken to have room for, where it names none. */
const ROOM_FOR = 6
const MINUTES_PER_STEP = 4
const RUNS = 60
/** Stages in which a vessel can give a starter. */
const givesStarter = (r: CultureReading) => r.estimate.readiness.ready + r.estimate.readiness.tiring > 0.5

/** Foods that are grown here, each by the school that was used last, else by its first. Hatches are planned by rounds. */
export function roomStarts(state: RoomState, readings: ReadonlyMap<string, CultureReading>, days: number): RoomStart[] {
  const alive = running(state.cultureStates)
  return state.room.foods.flatMap((id): RoomStart[] => {
    const food = foodOf(id)
    if (!food || food.profile.family === 'hatch') return []
    const last = [...state.cultureStates].filter(c => c.record.foodId === id).sort((a, b) => (a.record.startedAt < b.record.startedAt ? 1 : -1))[0]
    const method = food.methods.find(m => m.id === last?.record.methodId) ?? food.methods[0]!
    const temperatureC = last ? temperatureNow(last.record, state.places, state.entries) : (food.rangeC[0] + food.rangeC[1]) / 2
    const litres = last?.record.litres ?? method.vessel.volumeL
    const needsStarter = method.starterShare > 0
    const mother = alive.some(c => c.record.foodId === id && !c.quarantine && readings.has(c.id) && givesStarter(readings.get(c.id)!))
    const bought = needsStarter && !mother
    const own = { ...method, upkeep: method.upkeep.filter(u => u.action !== 'takeOut') }
    const many = simulate({ food, method: own, setup: { volumeL: litres }, temperature: () => temperatureC, days, actions: [], seed: 5, runs: RUNS })
    const readyDays = many.readyDay?.p50 ?? Infinity
    const failure = state.learned.foods[id]?.failure?.value ?? method.sets.failure ?? Math.min(0.9, food.reliability.failure * (method.factors.failure ?? 1))
    return [{
      id: `${id} ${method.id}`, food: id, foodOf: food, method, temperatureC, litres, bought,
      gives: many.days.map(d => (d.readiness === 'ready' || d.readiness === 'tiring' ? d.surplusPerDay : 0)),
      vessel: id, holdsDays: Math.max(1, Math.round(method.renewAfterDays)), minutes: MINUTES_PER_STEP * (method.start.length + 1), cost: bought ? BUY.cost : 0, fromDay: bought ? BUY.days : 0,
      reliability: { failure, readyDays, readyLogSd: food.reliability.readyLogSd },
    }]
  })
}

/** Vessels that are free for new cultures, by food and day. */
export const freeVessels = (starts: readonly RoomStart[], days: number): Record<string, number[]> =>
  Object.fromEntries(starts.map(s => [s.vessel, new Array<number>(days).fill(ROOM_FOR)]))

/** What the running cultures give: as their own forecast has it, and its last day after that. Mothers and what stands apart give nothing. */
export function runningSupply(state: RoomState, readings: ReadonlyMap<string, CultureReading>, days: number): Running[] {
  return running(state.cultureStates).flatMap((c): Running[] => {
    const ahead = readings.get(c.id)?.ahead
    if (!ahead || c.record.mother || c.quarantine) return []
    return [{ id: c.id, food: c.record.foodId, surplus: Array.from({ length: days }, (_, d) => ahead.days[Math.min(d, ahead.days.length - 1)]!.surplus.p50) }]
  })
}
