import { WEIGHTS, type PlanProblem } from './problem'

/** A variable of the programme: its weight in the objective, bounds, whether it is whole, and what it stands for. */
export interface Variable { name: string, weight: number, upper: number, whole: boolean, means: Means }
export type Means =
  | { kind: 'start', startable: number, day: number }
  | { kind: 'meal', broodDay: number, food: string }
  | { kind: 'short', broodDay: number }
  | { kind: 'aid' }

export interface Constraint { name: string, terms: { variable: string, factor: number }[], sense: '<=' | '>=' | '=', bound: number }
export interface Program { variables: Variable[], constraints: Constraint[] }

const EPS = 1e-12

/**
 * The mixed-integer programme of a plan. Starts are whole; meals, shortage and deviation are shares.
 * Organisms taken on a day from all vessels of a food never exceed what they give that day.
 */
export function planProgram(p: PlanProblem): Program {
  const variables: Variable[] = []
  const constraints: Constraint[] = []
  const add = (name: string, weight: number, upper: number, whole: boolean, means: Means) => {
    variables.push({ name, weight, upper, whole, means })
    return name
  }
  const limit = (name: string, terms: Constraint['terms'], sense: Constraint['sense'], bound: number) => {
    if (terms.length > 0) constraints.push({ name, terms, sense, bound })
  }
  const most = (vessel: string) => Math.max(0, ...(p.vessels[vessel] ?? [0]))

  // Starts, and vessels that are free for as long as each stands.
  const starts = p.startable.map((s, i) => Array.from({ length: p.days }, (_, day) =>
    (day < s.fromDay || most(s.vessel) === 0 ? null : add(`s${i}_${day}`, WEIGHTS.minutes * s.minutes + WEIGHTS.cost * s.cost, most(s.vessel), true, { kind: 'start', startable: i, day }))))
  for (const [vessel, free] of Object.entries(p.vessels)) {
    for (let day = 0; day < p.days; day++) {
      const terms = p.startable.flatMap((s, i) => (s.vessel !== vessel ? [] : starts[i]!.flatMap((v, from) => (v !== null && from <= day && day < from + s.holdsDays ? [{ variable: v, factor: 1 }] : []))))
      limit(`free_${vessel.replace(/\W/g, '')}_${day}`, terms, '<=', free[day] ?? 0)
    }
  }
  for (const [i, l] of p.least.entries()) {
    const terms = p.startable.flatMap((s, k) => (s.food !== l.food ? [] : starts[k]!.flatMap((v, day) => (v !== null && day >= l.fromDay && day <= l.byDay ? [{ variable: v, factor: 1 }] : []))))
    // A backup that no vessel is left for is a shortage of certainty, not a contradiction: it gives way before anything else does.
    const lacks = add(`b${i}`, WEIGHTS.shortage / 10, l.starts, false, { kind: 'aid' })
    limit(`least_${i}`, [...terms, { variable: lacks, factor: 1 }], '>=', l.starts)
  }

  // Meals, what is short of them, and how far they lie from the ladder.
  const takes = new Map<string, Constraint['terms']>()
  p.broodDays.forEach((b, i) => {
    const short = add(`z${i}`, WEIGHTS.shortage, 1, false, { kind: 'short', broodDay: i })
    const parts: Constraint['terms'] = [{ variable: short, factor: 1 }]
    b.foods.forEach((f, k) => {
      if (f.most <= EPS) return
      const meal = add(`y${i}_${k}`, 0, f.most, false, { kind: 'meal', broodDay: i, food: f.food })
      const away = add(`d${i}_${k}`, WEIGHTS.deviation, 1, false, { kind: 'aid' })
      parts.push({ variable: meal, factor: 1 })
      limit(`over${i}_${k}`, [{ variable: meal, factor: 1 }, { variable: away, factor: -1 }], '<=', f.preferred)
      limit(`under${i}_${k}`, [{ variable: meal, factor: 1 }, { variable: away, factor: 1 }], '>=', f.preferred)
      const key = `${f.food} ${b.day}`
      takes.set(key, [...takes.get(key) ?? [], { variable: meal, factor: f.organisms }])
    })
    limit(`fed${i}`, parts, '=', 1)
  })
  for (const [key, terms] of takes) {
    const [food, dayText] = [key.slice(0, key.lastIndexOf(' ')), key.slice(key.lastIndexOf(' ') + 1)]
    if (p.freely.includes(food)) continue
    const day = Number(dayText)
    const running = p.running.filter(r => r.food === food).reduce((n, r) => n + (r.surplus[day] ?? 0), 0)
    const scale = Math.max(1, ...terms.map(t => t.factor))
    const given = p.startable.flatMap((s, i) => (s.food !== food ? [] : starts[i]!.flatMap((v, from) => {
      const gives = day >= from ? s.gives[day - from] ?? 0 : 0
      return v !== null && gives > EPS ? [{ variable: v, factor: -gives / scale }] : []
    })))
    limit(`take_${key.replace(/\W/g, '_')}`, [...terms.map(t => ({ ...t, factor: t.factor / scale })), ...given], '<=', running / scale)
  }

  // A plan that is begun is kept unless there is something to gain.
  for (const [i, b] of p.begun.entries()) {
    const k = p.startable.findIndex(s => s.id === b.startable)
    const v = k < 0 ? null : starts[k]![b.day] ?? null
    if (v === null) continue
    const moved = add(`m${i}`, WEIGHTS.moved, b.vessels, false, { kind: 'aid' })
    limit(`begun_${i}`, [{ variable: v, factor: 1 }, { variable: moved, factor: 1 }], '>=', b.vessels)
  }
  return { variables, constraints }
}

const term = (factor: number, name: string) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toPrecision(12)} ${name}`

/** The programme as text in the LP format, which every solver reads. */
export function programText({ variables, constraints }: Program): string {
  const objective = variables.filter(v => v.weight !== 0).map(v => term(v.weight, v.name))
  const wrap = (parts: readonly string[]) => parts.reduce((text, part, i) => `${text}${i > 0 && i % 8 === 0 ? '\n ' : ' '}${part}`, '')
  return [
    'Minimize', ` obj:${objective.length > 0 ? wrap(objective) : ' 0'}`,
    'Subject To', ...constraints.map(c => ` ${c.name}:${wrap(c.terms.map(t => term(t.factor, t.variable)))} ${c.sense} ${c.bound.toPrecision(12)}`),
    'Bounds', ...variables.map(v => ` 0 <= ${v.name} <= ${v.upper.toPrecision(12)}`),
    ...(variables.some(v => v.whole) ? ['General', ` ${variables.filter(v => v.whole).map(v => v.name).join('\n ')}`] : []),
    'End', '',
  ].join('\n')
}
