import type { PlanProblem, PlanSolution } from './problem'
import { hatchedBy } from './writeHatches'
import type { RoomStart } from './startables'

/** Need against supply of one food, by day: what the ladders would like of it, what the plan takes, what there is. */
export interface FoodCurve {
  food: string
  wanted: number[]
  taken: number[]
  supply: { p10: number[]; p50: number[]; p90: number[] }
}

/** What so large a share of the courses stays below on a day. */
const quantileOf = (courses: readonly ArrayLike<number>[], day: number, q: number): number => {
  const sorted = courses.map(c => c[day] ?? 0).sort((a, b) => a - b)
  return sorted[Math.floor(q * (sorted.length - 1))] ?? 0
}

/** Curves of every food that is grown or hatched and that somebody wants, for the eye. Bands of parts are added: wider than chance would have them. */
export function supplyCurves(
  p: PlanProblem,
  solution: PlanSolution,
  starts: readonly RoomStart[],
  bands: Readonly<
    Record<string, { p10: readonly number[]; p50: readonly number[]; p90: readonly number[] }>
  >,
): FoodCurve[] {
  const foods = [
    ...new Set(
      p.broodDays
        .flatMap(b => b.foods.filter(f => f.preferred > 0.02).map(f => f.food))
        .concat(solution.meals.map(m => m.food)),
    ),
  ].filter(f => !p.freely.includes(f))
  const organisms = new Map(
    p.broodDays.flatMap(b =>
      b.foods.map(f => [`${b.brood}\n${b.day}\n${f.food}`, f.organisms] as const),
    ),
  )
  const standby = new Set(p.broodDays.filter(b => b.standby).map(b => `${b.brood}\n${b.day}`))
  const eaten = solution.meals.filter(m => !standby.has(`${m.brood}\n${m.day}`))
  return foods.map(food => {
    const zero = () => new Array<number>(p.days).fill(0)
    const curve: FoodCurve = {
      food,
      wanted: zero(),
      taken: zero(),
      supply: { p10: zero(), p50: zero(), p90: zero() },
    }
    for (const b of p.broodDays.filter(x => !x.standby))
      for (const f of b.foods.filter(x => x.food === food))
        curve.wanted[b.day]! += f.preferred * f.organisms
    for (const m of eaten.filter(x => x.food === food))
      curve.taken[m.day]! += m.share * (organisms.get(`${m.brood}\n${m.day}\n${food}`) ?? 0)
    const add = (day: number, p10: number, p50: number, p90: number) => {
      if (day >= p.days) return
      curve.supply.p10[day]! += p10
      curve.supply.p50[day]! += p50
      curve.supply.p90[day]! += p90
    }
    if (p.hatching?.food === food) {
      for (let d = 0; d < p.days; d++) {
        const most = hatchedBy(p, d)
        add(d, most, most, most)
      }
    }
    for (const r of p.running.filter(x => x.food === food)) {
      const band = bands[r.id]
      r.surplus.forEach((s, d) => {
        if (s > 0) add(d, band?.p10[d] ?? s, band?.p50[d] ?? s, band?.p90[d] ?? s)
      })
    }
    for (const s of solution.starts) {
      const start = starts.find(x => x.id === s.startable)
      if (start?.food !== food) continue
      for (let d = s.day; d < Math.min(p.days, s.day + start.holdsDays); d++) {
        const q = (x: number) => quantileOf(start.courses.gives, d - s.day, x) * s.vessels
        add(d, q(0.1), q(0.5), q(0.9))
      }
    }
    return curve
  })
}
