import { foodOf } from '@renatus/core/foods/index'
import { readCulture } from '@renatus/core/estimation/readCulture'
import type { Tended } from '@renatus/core/planning/amounts'
import type { Entry } from '@renatus/core/records/entries'
import { culture } from '@renatus/core/records/cultureRecord'
import type { CultureRecord } from '@renatus/core/records/records'
import { cultureStates } from '@renatus/core/stock/cultures'
import { NOTHING_LEARNED } from '@renatus/core/stock/learned'
import { log, uid } from './room'

/** A culture of the first school of a food, started at an instant. */
export const cultureOf = (
  foodId: string,
  startedAt: string,
  more: Partial<CultureRecord> = {},
): CultureRecord => {
  const method =
    foodOf(foodId)!.methods.find(m => m.id === more.methodId) ?? foodOf(foodId)!.methods[0]!
  return culture.parse({
    id: uid(),
    updatedAt: startedAt,
    type: 'culture',
    name: foodId,
    foodId,
    methodId: method.id,
    startedAt,
    litres: method.vessel.volumeL,
    temperatureC: 24,
    ...more,
  })
}
export const startedFrom = (
  c: CultureRecord,
  parentIds: string[],
  origin: 'bought' | 'wild' | 'cultures' = parentIds.length ? 'cultures' : 'bought',
) => log(c.startedAt, 'culture.started', { cultureId: c.id, origin, parentIds, starterMl: null })

/** A culture with its reading at an instant, as the planner takes it. */
export function tendedOf(c: CultureRecord, now: string, entries: Entry[] = []): Tended {
  const food = foodOf(c.foodId)!
  return {
    culture: cultureStates([c], entries)[0]!,
    food,
    method: food.methods.find(m => m.id === c.methodId)!,
    now,
    reading: readCulture(c, entries, NOTHING_LEARNED, now, undefined, { ahead: true })!.reading,
  }
}
