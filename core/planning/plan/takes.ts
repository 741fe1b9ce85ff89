import { addDays, type LocalDate } from '../../time/localDate'
import type { PlanProblem, PlanSolution } from './problem'

/** So many organisms of a food for a brood on a day, out of a running culture, a start of the plan, a hatch, or what is bought. */
export interface Take {
  day: LocalDate
  brood: string
  food: string
  organisms: number
  share: number
  from: { kind: 'culture' | 'start' | 'hatch' | 'store'; id: string }
}

/** Which vessel each meal of a plan comes from: what runs is drawn first, then what was started, the oldest first. */
export function takesOf(p: PlanProblem, solution: PlanSolution, from: LocalDate): Take[] {
  const organisms = new Map(
    p.broodDays.flatMap(b =>
      b.foods.map(f => [`${b.brood}\n${b.day}\n${f.food}`, f.organisms] as const),
    ),
  )
  const standby = new Set(p.broodDays.filter(b => b.standby).map(b => `${b.brood}\n${b.day}`))
  const left = new Map<string, number>()
  const sources = (food: string, day: number) => [
    ...p.running
      .filter(r => r.food === food)
      .map(r => ({ kind: 'culture' as const, id: r.id, has: r.surplus[day] ?? 0 })),
    ...solution.starts.flatMap(s => {
      const start = p.startable.find(x => x.id === s.startable)!
      return start.food === food && day >= s.day
        ? [
            {
              kind: 'start' as const,
              id: `${start.food} ${addDays(from, s.day)}`,
              has: (start.gives[day - s.day] ?? 0) * s.vessels,
            },
          ]
        : []
    }),
  ]
  return [...solution.meals]
    .sort((a, b) => a.day - b.day)
    .flatMap((m): Take[] => {
      if (standby.has(`${m.brood}\n${m.day}`)) return []
      const base = { day: addDays(from, m.day), brood: m.brood, food: m.food }
      const whole = organisms.get(`${m.brood}\n${m.day}\n${m.food}`) ?? 0
      const want = m.share * whole
      if (p.freely.includes(m.food) || p.hatching?.food === m.food)
        return [
          {
            ...base,
            organisms: want,
            share: m.share,
            from: { kind: p.freely.includes(m.food) ? 'store' : 'hatch', id: m.food },
          },
        ]
      let lacks = want
      return sources(m.food, m.day).flatMap(({ kind, id, has }): Take[] => {
        const key = `${id}\n${m.day}`
        const take = Math.min(lacks, left.get(key) ?? has)
        if (take <= want * 1e-9) return []
        left.set(key, (left.get(key) ?? has) - take)
        lacks -= take
        return [{ ...base, organisms: take, share: take / whole, from: { kind, id } }]
      })
    })
}
