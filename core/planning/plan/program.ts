import { mayStart } from './mayStart'
import { WEIGHTS, type PlanProblem } from './problem'
import { HatchWriting } from './writeHatches'
import { writeMeals } from './writeMeals'
import { AID, EPS, startTerms, Writing, type Program, type Starts, type TakeOn } from './writing'

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
  const { variables, constraints, offset, lost } = w
  return { variables, constraints, offset, lost }
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
