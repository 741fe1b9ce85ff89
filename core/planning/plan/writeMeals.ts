import { onlyBridges } from './onlyBridges'
import { WEIGHTS, type PlanProblem } from './problem'
import { COVERED_FROM } from './repair'
import { hatchedBy } from './writeHatches'
import { EPS, type Means, type Starts, type Terms, type Writing } from './writing'

/** Meals and what is short of them, by brood-day. Returns what is eaten by food and day. */
export function writeMeals(w: Writing, p: PlanProblem, starts: Starts): Map<string, Terms> {
  // What could be there of each food on each day, if everything that may be started were.
  const within = possible(p, starts)
  const takes = new Map<string, Terms>()
  p.broodDays.forEach((b, i) => {
    const weight = b.weight ?? 1
    const parts: Terms = []
    let reach = 0
    const best = Math.max(0, ...b.foods.map(f => f.worth))
    for (const [k, f] of b.foods.entries()) {
      const top = Math.min(f.most, within(f.food, b.day) / Math.max(EPS, f.organisms))
      if (f.most <= EPS || top <= 1e-9) continue
      reach += top
      const means = { kind: 'meal', broodDay: i, food: f.food } as const
      const isDry = p.freely.includes(f.food)
      const bridging = onlyBridges(f, isDry) ? WEIGHTS.bridges : 0
      const lesser = WEIGHTS.lesser * (best - f.worth) + bridging * (1 - f.worth)
      const beyond = 2 * WEIGHTS.deviation + (isDry ? WEIGHTS.poor * (1 - f.worth) : 0)
      const price = { lesser: weight * lesser, beyond: weight * beyond }
      const mine = writeShares(w, f, `${i}_${k}`, price, means)
      parts.push(...mine)
      const key = `${f.food}\n${b.day}`
      takes.set(key, [...(takes.get(key) ?? []), ...mine.map(t => ({ ...t, factor: f.organisms }))])
    }
    const preferred = b.foods.reduce((s, f) => s + Math.min(f.preferred, f.most), 0)
    const lacking = WEIGHTS.shortage + WEIGHTS.deviation
    const near = WEIGHTS.nearlyFed + WEIGHTS.deviation
    const bearable = 1 - COVERED_FROM
    // What no plan could cover is named, and kept out of what is weighed: it would drown the gap.
    const hopeless = Math.max(0, 1 - reach)
    w.lost.push(hopeless)
    const lost = near * Math.min(hopeless, bearable) + lacking * Math.max(0, hopeless - bearable)
    w.offset += weight * (WEIGHTS.deviation * (preferred - 1) + lost)
    if (hopeless >= 1 - 1e-9) return
    const means = { kind: 'short', broodDay: i } as const
    const little = w.add(`e${i}`, weight * near, Math.max(0, bearable - hopeless), means)
    const short = w.add(`z${i}`, weight * lacking, 1 - hopeless, means)
    const lacks = [little, short].map(variable => ({ variable, factor: 1 }))
    w.limit(`fed${i}`, [...parts, ...lacks], '=', 1 - hopeless)
  })
  return takes
}

/**
 * A meal of one food: within the preferred ladder, and beyond it.
 * @param price of a share of a day, and of one beyond the ladder besides
 */
function writeShares(
  w: Writing,
  f: PlanProblem['broodDays'][number]['foods'][number],
  name: string,
  { lesser, beyond }: { lesser: number; beyond: number },
  means: Means,
): Terms {
  const mine: Terms = []
  const inside = Math.min(f.preferred, f.most)
  if (f.preferred > EPS)
    mine.push({ variable: w.add(`y${name}`, lesser, inside, means), factor: 1 })
  const more = f.most - f.preferred
  if (more > EPS)
    mine.push({ variable: w.add(`x${name}`, lesser + beyond, more, means), factor: 1 })
  return mine
}

/** Most organisms of a food that any plan could have on a day. */
function possible(
  p: PlanProblem,
  starts: readonly (readonly (string | null)[])[],
): (food: string, day: number) => number {
  const known = new Map<string, number>()
  return (food, day) => {
    if (p.freely.includes(food)) return Infinity
    if (p.hatching?.food === food) return hatchedBy(p, day)
    const key = `${food}\n${day}`
    const found = known.get(key)
    if (found !== undefined) return found
    let sum = p.running.reduce((n, r) => n + (r.food === food ? (r.surplus[day] ?? 0) : 0), 0)
    p.startable.forEach((s, i) => {
      if (s.food !== food) return
      const most = Math.max(
        0,
        ...(p.vessels[s.vessel] ?? [0]),
        ...p.pinned.filter(x => x.startable === s.id).map(x => x.vessels),
      )
      starts[i]!.forEach((v, from) => {
        if (v !== null && from <= day) sum += most * (s.gives[day - from] ?? 0)
      })
    })
    known.set(key, sum)
    return sum
  }
}
