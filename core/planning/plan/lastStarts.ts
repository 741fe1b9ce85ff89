import { addDays, type LocalDate } from '../../time/localDate'
import { lastSafeDays, readyBy } from './redundancy'
import type { RoomStart } from './startables'
import { NEEDED_FROM, type PlanProblem } from './problem'

/** The day after which a start of a food comes too late for a brood in nine of ten; `likely`: how sure a start made on the first day still is. */
export interface LastStart {
  brood: string
  food: string
  on: LocalDate
  neededOn: LocalDate
  likely: number
}

/** For each brood and food of its ladder the last safe start: need date less the 90 % quantile of the time to ready, and the days a starter takes to come. */
export function lastStarts(
  p: PlanProblem,
  starts: readonly RoomStart[],
  from: LocalDate,
): LastStart[] {
  const first = new Map<string, { brood: string; food: string; day: number }>()
  for (const b of p.broodDays) {
    if (b.standby) continue
    for (const f of b.foods) {
      const key = `${b.brood}\n${f.food}`
      if (f.preferred > NEEDED_FROM && b.day < (first.get(key)?.day ?? Infinity))
        first.set(key, { brood: b.brood, food: f.food, day: b.day })
    }
  }
  return [...first.values()].flatMap(({ brood, food, day }): LastStart[] => {
    const s = starts.find(x => x.food === food)
    return s
      ? [
          {
            brood,
            food,
            on: addDays(from, Math.floor(day - lastSafeDays(s.reliability)) - s.leadDays),
            neededOn: addDays(from, day),
            likely: readyBy(s.reliability, day - s.leadDays),
          },
        ]
      : []
  })
}
