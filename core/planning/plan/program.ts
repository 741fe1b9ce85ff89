import type { Constraint, Variable } from '../../math/linearProgram'
import { WEIGHTS, type PlanProblem } from './problem'

/** A variable of the programme, and what it stands for. */
export interface PlanVariable extends Variable {
  means: Means
}
export type Means =
  | { kind: 'start'; startable: number; day: number }
  | { kind: 'meal'; broodDay: number; food: string }
  | { kind: 'short'; broodDay: number }
  | { kind: 'lack'; least: number }
  | { kind: 'aid' }

/** `offset` belongs to the objective, but hangs on no variable: what is short whatever is done. */
export interface Program {
  variables: PlanVariable[]
  constraints: Constraint[]
  offset: number
  /** By brood-day: share that nothing could cover. */ lost: number[]
}

const EPS = 1e-12
/** Price of the whole of the freezer, so that it is kept while a hatch can do it. */
const CUBES_LAST = 1
/** Starts after this day are planned for one day of each week only. */
export const WEEKLY_FROM = 45

/** Whether a start is considered on a day. */
export const mayStart = (
  p: PlanProblem,
  startable: { id: string; fromDay: number },
  day: number,
): boolean =>
  p.pinned.some(s => s.startable === startable.id && s.day === day) ||
  (!p.onlyPinned &&
    day >= startable.fromDay &&
    !p.idle.includes(day) &&
    (day < WEEKLY_FROM ||
      (day - WEEKLY_FROM) % 7 === 0 ||
      p.begun.some(b => b.startable === startable.id && b.day === day)))

/**
 * The mixed-integer programme of a plan. Starts are whole; meals and shortages are shares of a brood's ration.
 * A meal is split into the part within the preferred ladder and the part beyond it. With every share accounted for,
 * what lies beyond equals what is missing less the shortage, so deviation = 2 x beyond + shortage + sum of preferred - 1: no constraint is needed for it.
 */
export function planProgram(p: PlanProblem): Program {
  const variables: PlanVariable[] = []
  const constraints: Constraint[] = []
  let offset = 0
  const add = (
    name: string,
    weight: number,
    upper: number,
    whole: boolean,
    means: Means,
    lower = 0,
  ) => {
    variables.push({ name, weight, lower, upper, whole, means })
    return name
  }
  const limit = (
    name: string,
    terms: Constraint['terms'],
    sense: Constraint['sense'],
    bound: number,
  ) => {
    if (terms.length > 0) constraints.push({ name, terms, sense, bound })
  }
  const most = (vessel: string) => Math.max(0, ...(p.vessels[vessel] ?? [0]))
  const pinnedOn = (id: string, day: number) =>
    p.pinned.filter(s => s.startable === id && s.day === day).reduce((n, s) => n + s.vessels, 0)

  // Starts, and vessels that are free for as long as each stands.
  const starts = p.startable.map((s, i) =>
    Array.from({ length: p.days }, (_, day) => {
      const pinned = pinnedOn(s.id, day)
      if (!mayStart(p, s, day) || Math.max(pinned, most(s.vessel)) === 0) return null
      return add(
        `s${i}_${day}`,
        WEIGHTS.minutes * s.minutes + WEIGHTS.cost * s.cost,
        p.onlyPinned ? pinned : Math.max(pinned, most(s.vessel)),
        true,
        { kind: 'start', startable: i, day },
        pinned,
      )
    }),
  )
  for (const [n, [vessel, free]] of Object.entries(p.vessels).entries()) {
    for (let day = 0; day < p.days; day++) {
      const terms = p.startable.flatMap((s, i) =>
        s.vessel !== vessel
          ? []
          : starts[i]!.flatMap((v, from) =>
              v !== null && from <= day && day < from + s.holdsDays
                ? [{ variable: v, factor: 1 }]
                : [],
            ),
      )
      limit(`free${n}_${day}`, terms, '<=', free[day] ?? 0)
    }
  }
  for (const [i, l] of p.least.entries()) {
    const terms = p.startable.flatMap((s, k) =>
      s.food !== l.food
        ? []
        : starts[k]!.flatMap((v, day) =>
            v !== null && day >= l.fromDay && day <= l.byDay ? [{ variable: v, factor: 1 }] : [],
          ),
    )
    // A backup that no vessel is left for is a shortage of certainty, not a contradiction: it gives way before anything else does.
    const lacks = add(`b${i}`, WEIGHTS.shortage / 10, l.starts, false, { kind: 'lack', least: i })
    limit(`least_${i}`, [...terms, { variable: lacks, factor: 1 }], '>=', l.starts)
  }

  // What could be there of each food on each day, if everything that may be started were.
  const within = possible(p, starts)
  const takes = new Map<string, Constraint['terms']>()
  const cystDays: Constraint['terms'] = []
  const cubeDays: Constraint['terms'] = []
  /** A batch is eaten once, today or tomorrow. */
  const batches = new Map<number, Constraint['terms']>()
  const lost: number[] = []
  p.broodDays.forEach((b, i) => {
    const parts: Constraint['terms'] = []
    let reach = 0
    const weight = b.weight ?? 1
    for (const [k, f] of b.foods.entries()) {
      const top = Math.min(f.most, within(f.food, b.day) / Math.max(EPS, f.organisms))
      if (f.most <= EPS || top <= 1e-9) continue
      reach += top
      const mine: Constraint['terms'] = []
      if (f.preferred > EPS)
        mine.push({
          variable: add(`y${i}_${k}`, 0, Math.min(f.preferred, f.most), false, {
            kind: 'meal',
            broodDay: i,
            food: f.food,
          }),
          factor: 1,
        })
      if (f.most > f.preferred + EPS)
        mine.push({
          variable: add(`x${i}_${k}`, 2 * WEIGHTS.deviation * weight, f.most - f.preferred, false, {
            kind: 'meal',
            broodDay: i,
            food: f.food,
          }),
          factor: 1,
        })
      parts.push(...mine)
      const key = `${f.food}\n${b.day}`
      takes.set(key, [...(takes.get(key) ?? []), ...mine.map(t => ({ ...t, factor: f.organisms }))])
    }
    const preferred = b.foods.reduce((s, f) => s + Math.min(f.preferred, f.most), 0)
    offset += weight * WEIGHTS.deviation * (preferred - 1)
    // What no plan could cover is named, and kept out of what is weighed: it would drown the gap.
    const hopeless = Math.max(0, 1 - reach)
    lost.push(hopeless)
    offset += weight * (WEIGHTS.shortage + WEIGHTS.deviation) * hopeless
    if (hopeless < 1 - 1e-9)
      limit(
        `fed${i}`,
        [
          ...parts,
          {
            variable: add(
              `z${i}`,
              weight * (WEIGHTS.shortage + WEIGHTS.deviation),
              1 - hopeless,
              false,
              { kind: 'short', broodDay: i },
            ),
            factor: 1,
          },
        ],
        '=',
        1 - hopeless,
      )
  })
  for (const [n, [key, terms]] of [...takes].entries()) {
    const [food, dayText] = key.split('\n') as [string, string]
    if (p.freely.includes(food)) continue
    const day = Number(dayText)
    const scale = Math.max(1, ...terms.map(t => t.factor))
    const scaled = terms.map(t => ({ ...t, factor: t.factor / scale }))
    if (p.hatching?.food === food) {
      const { hatching: h } = p
      const fresh = p.idle.includes(day) ? 0 : (h.most[day] ?? 0)
      const standsFor = Math.max(...p.broodDays.filter(b => b.day === day).map(b => b.weight ?? 1))
      const used = add(
        `h${n}`,
        standsFor * WEIGHTS.cost * h.gramsEach * h.costPerGram * scale,
        fresh / scale,
        false,
        { kind: 'aid' },
      )
      // Cubes feed nothing that is alive: they close what a hatch cannot.
      const cubes = add(
        `c${n}`,
        (CUBES_LAST * scale) / Math.max(1, h.frozen),
        h.frozen / scale,
        false,
        { kind: 'aid' },
      )
      const kept = h.onHand.flatMap((b, k) => {
        if (day < b.day || day > b.day + 1 || b.useful <= 0) return []
        const v = add(`k${k}_${day - b.day}`, 0, 1, false, { kind: 'aid' })
        batches.set(k, [...(batches.get(k) ?? []), { variable: v, factor: 1 }])
        return [{ variable: v, factor: (-b.useful * (day === b.day ? 1 : h.keeps)) / scale }]
      })
      limit(
        `hatch${n}`,
        [...scaled, { variable: used, factor: -1 }, { variable: cubes, factor: -1 }, ...kept],
        '<=',
        0,
      )
      if (fresh > 0) cystDays.push({ variable: used, factor: standsFor * h.gramsEach * scale })
      if (h.frozen > 0) cubeDays.push({ variable: cubes, factor: (standsFor * scale) / h.frozen })
      continue
    }
    const running = p.running
      .filter(r => r.food === food)
      .reduce((m, r) => m + (r.surplus[day] ?? 0), 0)
    const given = p.startable.flatMap((s, i) =>
      s.food !== food
        ? []
        : starts[i]!.flatMap((v, from) => {
            const gives = day >= from ? (s.gives[day - from] ?? 0) : 0
            return v !== null && gives > EPS ? [{ variable: v, factor: -gives / scale }] : []
          }),
    )
    limit(`take${n}`, [...scaled, ...given], '<=', running / scale)
  }
  if (p.hatching) {
    limit('cysts', cystDays, '<=', p.hatching.gramsLeft)
    limit('cubes', cubeDays, '<=', 1)
    for (const [k, terms] of batches) limit(`batch${k}`, terms, '<=', 1)
  }

  // A plan that is begun is kept unless there is something to gain.
  for (const [i, b] of p.begun.entries()) {
    const k = p.startable.findIndex(s => s.id === b.startable)
    const v = k < 0 ? null : (starts[k]![b.day] ?? null)
    if (v === null) continue
    const moved = add(`m${i}`, WEIGHTS.moved, b.vessels, false, { kind: 'aid' })
    limit(
      `begun_${i}`,
      [
        { variable: v, factor: 1 },
        { variable: moved, factor: 1 },
      ],
      '>=',
      b.vessels,
    )
  }
  return { variables, constraints, offset, lost }
}

/** Most that hatches, fridge and freezer could bring on a day. */
export function hatchedBy({ hatching: h, idle }: PlanProblem, day: number): number {
  if (!h) return 0
  return (
    h.frozen +
    h.onHand.reduce(
      (n, b) => n + (b.day === day ? b.useful : b.day + 1 === day ? b.useful * h.keeps : 0),
      0,
    ) +
    (idle.includes(day) ? 0 : (h.most[day] ?? 0))
  )
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
