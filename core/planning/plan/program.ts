import type { Constraint, Variable } from '../../math/linearProgram'
import { COVERED_FROM } from './repair'
import { WEIGHTS, type Hatching, type PlanProblem, type StartOn } from './problem'

/** A variable of the programme, and what it stands for. */
export interface PlanVariable extends Variable {
  means: Means
}
export type Means =
  | { kind: 'start'; startable: number; day: number }
  | { kind: 'meal'; broodDay: number; food: string }
  | { kind: 'short'; broodDay: number }
  | { kind: 'line' }
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
/** Starts are planned to the day so long; after that on one day of three, in the distance on one of each week. */
const DAILY_TO = 10
export const WEEKLY_FROM = 45
const stepOn = (day: number) => {
  if (day < DAILY_TO) return 1
  return day < WEEKLY_FROM ? 3 : 7
}

/** Whether a start is considered on a day. */
export function mayStart(
  p: PlanProblem,
  startable: { id: string; fromDay: number },
  day: number,
): boolean {
  const isOf = (s: StartOn) => s.startable === startable.id && s.day === day
  if (p.pinned.some(isOf)) return true
  if (p.onlyPinned || day < startable.fromDay || p.idle.includes(day)) return false
  return (day + p.phase) % stepOn(day) === 0 || p.begun.some(isOf)
}

type Terms = Constraint['terms']
/** Variables of the starts, by startable and day; null where none may be made. */
type Starts = readonly (readonly (string | null)[])[]

/** A programme while it is written down. */
class Writing {
  readonly variables: PlanVariable[] = []
  readonly constraints: Constraint[] = []
  offset = 0
  readonly lost: number[] = []

  add(name: string, weight: number, upper: number, means: Means, lower = 0): string {
    const whole = means.kind === 'start' || means.kind === 'line'
    this.variables.push({ name, weight, lower, upper, whole, means })
    return name
  }
  limit(name: string, terms: Terms, sense: Constraint['sense'], bound: number): void {
    if (terms.length > 0) this.constraints.push({ name, terms, sense, bound })
  }
}
const AID: Means = { kind: 'aid' }

/**
 * The mixed-integer programme of a plan. Starts are whole; meals and shortages are shares of a brood's ration.
 * A meal is split into the part within the preferred ladder and the part beyond it. With every share accounted for,
 * what lies beyond equals what is missing less the shortage, so deviation = 2 x beyond + shortage + sum of preferred - 1: no constraint is needed for it.
 */
export function planProgram(p: PlanProblem): Program {
  const w = new Writing()
  const starts = writeStarts(w, p)
  writeVessels(w, p, starts)
  writeLines(w, p, starts)
  writeLabour(w, p, starts)
  const takes = writeMeals(w, p, starts)
  const hatching = p.hatching && new HatchWriting(w, p, p.hatching)
  for (const [n, [key, terms]] of [...takes].entries()) {
    const [food, dayText] = key.split('\n') as [string, string]
    if (p.freely.includes(food)) continue
    const take = { n, day: Number(dayText), terms, scale: Math.max(1, ...terms.map(t => t.factor)) }
    if (p.hatching?.food === food) hatching?.take(take)
    else writeTake(w, p, starts, food, take)
  }
  hatching?.end()
  writeBegun(w, p, starts)
  const { variables, constraints, offset, lost } = w
  return { variables, constraints, offset, lost }
}

/** What is eaten of a food on a day; factors are divided by the scale, so that the solver sees numbers near one. */
interface TakeOn {
  n: number
  day: number
  terms: Terms
  scale: number
}

function writeStarts(w: Writing, p: PlanProblem): Starts {
  const most = (vessel: string) => Math.max(0, ...(p.vessels[vessel] ?? [0]))
  const pinnedOn = (id: string, day: number) =>
    p.pinned.filter(s => s.startable === id && s.day === day).reduce((n, s) => n + s.vessels, 0)
  return p.startable.map((s, i) =>
    Array.from({ length: p.days }, (_, day) => {
      const pinned = pinnedOn(s.id, day)
      const upper = Math.max(pinned, most(s.vessel))
      if (!mayStart(p, s, day) || upper === 0) return null
      const stands = Math.min(s.holdsDays, p.days - day)
      const weight = WEIGHTS.minutes * (s.startMinutes + s.dayMinutes * stands)
      const means = { kind: 'start', startable: i, day } as const
      return w.add(`s${i}_${day}`, weight, p.onlyPinned ? pinned : upper, means, pinned)
    }),
  )
}

/** The starts of those that are asked for, from their days. */
const startTerms = (
  p: PlanProblem,
  starts: Starts,
  of: (s: PlanProblem['startable'][number]) => boolean,
  factor: (s: PlanProblem['startable'][number], from: number) => number,
): Terms =>
  p.startable.flatMap((s, i) =>
    of(s)
      ? starts[i]!.flatMap((variable, from) => {
          const f = variable === null ? 0 : factor(s, from)
          return f === 0 ? [] : [{ variable: variable!, factor: f }]
        })
      : [],
  )

/** Vessels are free for as long as each start stands. */
function writeVessels(w: Writing, p: PlanProblem, starts: Starts): void {
  for (const [n, [vessel, free]] of Object.entries(p.vessels).entries()) {
    for (let day = 0; day < p.days; day++) {
      const standing = startTerms(
        p,
        starts,
        s => s.vessel === vessel,
        (s, from) => Number(from <= day && day < from + s.holdsDays),
      )
      w.limit(`free${n}_${day}`, standing, '<=', free[day] ?? 0)
    }
  }
}

/** The first vessel of a food that the room does not know is dearer than the next one. */
function writeLines(w: Writing, p: PlanProblem, starts: Starts): void {
  for (const [i, line] of p.lines.entries()) {
    const made = startTerms(
      p,
      starts,
      s => s.food === line.food,
      () => 1,
    )
    if (made.length === 0) continue
    const most = made.length * Math.max(1, ...Object.values(p.vessels).flat())
    const weight = WEIGHTS.minutes * line.minutes + WEIGHTS.cost * line.cost
    const begun = w.add(`l${i}`, weight, 1, { kind: 'line' })
    w.limit(`line${i}`, [...made, { variable: begun, factor: -most }], '<=', 0)
  }
}

/** What is started and what stands is done in the minutes of the day; more is overtime. */
function writeLabour(w: Writing, p: PlanProblem, starts: Starts): void {
  for (let day = 0; day < p.days; day++) {
    const there = p.minutes[day] ?? Infinity
    if (!Number.isFinite(there)) continue
    const work = startTerms(
      p,
      starts,
      () => true,
      (s, from) => {
        if (from === day) return s.startMinutes
        return from < day && day < from + s.holdsDays ? s.dayMinutes : 0
      },
    )
    if (work.length === 0) continue
    const over = w.add(`o${day}`, WEIGHTS.overtime, p.overtime[day]!, AID)
    const far = w.add(`p${day}`, WEIGHTS.starving, FAR_MIN, AID)
    const more = [over, far].map(variable => ({ variable, factor: -1 }))
    w.limit(`work${day}`, [...work, ...more], '<=', there)
  }
}
/** Nobody works longer than a day. */
const FAR_MIN = 1440

/** Meals and what is short of them, by brood-day. Returns what is eaten by food and day. */
function writeMeals(w: Writing, p: PlanProblem, starts: Starts): Map<string, Terms> {
  // What could be there of each food on each day, if everything that may be started were.
  const within = possible(p, starts)
  const takes = new Map<string, Terms>()
  p.broodDays.forEach((b, i) => {
    const weight = b.weight ?? 1
    const parts: Terms = []
    let reach = 0
    for (const [k, f] of b.foods.entries()) {
      const top = Math.min(f.most, within(f.food, b.day) / Math.max(EPS, f.organisms))
      if (f.most <= EPS || top <= 1e-9) continue
      reach += top
      const mine = writeShares(w, f, `${i}_${k}`, weight, {
        kind: 'meal',
        broodDay: i,
        food: f.food,
      })
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

/** A meal of one food: within the preferred ladder, and beyond it. */
function writeShares(
  w: Writing,
  f: PlanProblem['broodDays'][number]['foods'][number],
  name: string,
  weight: number,
  means: Means,
): Terms {
  const mine: Terms = []
  const inside = Math.min(f.preferred, f.most)
  if (f.preferred > EPS) mine.push({ variable: w.add(`y${name}`, 0, inside, means), factor: 1 })
  const beyond = f.most - f.preferred
  const dear = (2 * WEIGHTS.deviation + WEIGHTS.poor * (1 - f.worth)) * weight
  if (beyond > EPS) mine.push({ variable: w.add(`x${name}`, dear, beyond, means), factor: 1 })
  return mine
}

/** A food is eaten within what running cultures spare and what is started gives. */
function writeTake(
  w: Writing,
  p: PlanProblem,
  starts: Starts,
  food: string,
  { n, day, terms, scale }: TakeOn,
): void {
  const running = p.running
    .filter(r => r.food === food)
    .reduce((m, r) => m + (r.surplus[day] ?? 0), 0)
  const given = startTerms(
    p,
    starts,
    s => s.food === food,
    (s, from) => {
      const gives = day >= from ? (s.gives[day - from] ?? 0) : 0
      return gives > EPS ? -gives / scale : 0
    },
  )
  const scaled = terms.map(t => ({ ...t, factor: t.factor / scale }))
  w.limit(`take${n}`, [...scaled, ...given], '<=', running / scale)
}

/** Nauplii are eaten within what hatches bring, what is kept and what is frozen. */
class HatchWriting {
  private readonly cysts: Terms = []
  private readonly cubes: Terms = []
  /** A batch is eaten once, today or tomorrow. */
  private readonly batches = new Map<number, Terms>()

  constructor(
    private readonly w: Writing,
    private readonly p: PlanProblem,
    private readonly h: Hatching,
  ) {}

  take({ n, day, terms, scale }: TakeOn): void {
    const { w, p, h } = this
    const scaled = terms.map(t => ({ ...t, factor: t.factor / scale }))
    const fresh = p.idle.includes(day) ? 0 : (h.most[day] ?? 0)
    const standsFor = Math.max(...p.broodDays.filter(b => b.day === day).map(b => b.weight ?? 1))
    const price = standsFor * WEIGHTS.cost * h.gramsEach * h.costPerGram * scale
    const used = w.add(`h${n}`, price, fresh / scale, AID)
    // Cubes feed nothing that is alive: they close what a hatch cannot.
    const last = (CUBES_LAST * scale) / Math.max(1, h.frozen)
    const cubes = w.add(`c${n}`, last, h.frozen / scale, AID)
    const taken = [used, cubes].map(variable => ({ variable, factor: -1 }))
    w.limit(`hatch${n}`, [...scaled, ...taken, ...this.kept(day, scale)], '<=', 0)
    if (fresh > 0) this.cysts.push({ variable: used, factor: standsFor * h.gramsEach * scale })
    if (h.frozen > 0) this.cubes.push({ variable: cubes, factor: (standsFor * scale) / h.frozen })
  }

  private kept(day: number, scale: number): Terms {
    const { w, h } = this
    return h.onHand.flatMap((b, k) => {
      const left = leftOn(b.day, day, h.keeps)
      if (left === 0 || b.useful <= 0) return []
      const variable = w.add(`k${k}_${day - b.day}`, 0, 1, AID)
      this.batches.set(k, [...(this.batches.get(k) ?? []), { variable, factor: 1 }])
      return [{ variable, factor: (-b.useful * left) / scale }]
    })
  }

  end(): void {
    this.w.limit('cysts', this.cysts, '<=', this.h.gramsLeft)
    this.w.limit('cubes', this.cubes, '<=', 1)
    for (const [k, terms] of this.batches) this.w.limit(`batch${k}`, terms, '<=', 1)
  }
}

/** A plan that is begun is kept unless there is something to gain. */
function writeBegun(w: Writing, p: PlanProblem, starts: Starts): void {
  for (const [i, b] of p.begun.entries()) {
    const k = p.startable.findIndex(s => s.id === b.startable)
    const made = k < 0 ? null : (starts[k]![b.day] ?? null)
    if (made === null) continue
    const moved = w.add(`m${i}`, WEIGHTS.moved, b.vessels, AID)
    const terms = [made, moved].map(variable => ({ variable, factor: 1 }))
    w.limit(`begun_${i}`, terms, '>=', b.vessels)
  }
}

/** Share of what was ready on a day that is left on another: the next one only. */
function leftOn(readyDay: number, day: number, keeps: number): number {
  if (readyDay === day) return 1
  return readyDay + 1 === day ? keeps : 0
}

/** Most that hatches, fridge and freezer could bring on a day. */
export function hatchedBy({ hatching: h, idle }: PlanProblem, day: number): number {
  if (!h) return 0
  return (
    h.frozen +
    h.onHand.reduce((n, b) => n + b.useful * leftOn(b.day, day, h.keeps), 0) +
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
