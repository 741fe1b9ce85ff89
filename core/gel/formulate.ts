import { programText, type LinearProgram } from '../math/linearProgram'
import type { Solver } from '../math/solver'
import { mixed, type Composition } from './composition'
import {
  formulaProgram,
  relaxedProgram,
  sidesOf,
  type Choice,
  type Objective,
  type Side,
} from './formulaProgram'
import type { Targets } from './targets'

export interface Share {
  id: string
  share: number
}
/** A side of a target that cannot be kept, and what it would have to be. */
export interface Clash {
  of: Side['of']
  bound: Side['bound']
  wanted: number
  reached: number
}
/** An ingredient that is not in the list and would settle the clashes, or the largest part of them. */
export interface Helper {
  id: string
  settles: boolean
}

export type Formula =
  | {
      status: 'optimal'
      mix: Share[]
      composition: Composition
      costPerKg: number
      objective: number
    }
  /** `shares`: the least shares are more than the whole, or the most are less; `sum` says how much. */
  | { status: 'shares'; bound: 'least' | 'most'; sum: number }
  /** The nearest mix there is, what it breaks, and what would mend it. */
  | {
      status: 'infeasible'
      mix: Share[]
      composition: Composition
      costPerKg: number
      clashes: Clash[]
      helpers: Helper[]
    }
  | { status: 'no-ingredients' }

/** Shares below this are noise of the solver. */
const NOISE = 1e-7
const LIMITS = { nodes: 20_000, seconds: 20, gap: 1e-9 } as const
/** Ways to mend a formula that are offered. */
const HELPERS_MOST = 3

const solve = (solver: Solver, program: LinearProgram) => {
  const found = solver.solve(programText(program), LIMITS)
  return found.values.size > 0 ? found : null
}
const sharesOf = (choices: readonly Choice[], values: ReadonlyMap<string, number>): Share[] =>
  choices.flatMap((c, i) =>
    (values.get(`x${i}`) ?? 0) > NOISE ? [{ id: c.id, share: values.get(`x${i}`)! }] : [],
  )
const costOf = (choices: readonly Choice[], mix: readonly Share[]) =>
  mix.reduce((s, m) => s + m.share * choices.find(c => c.id === m.id)!.costPerKg, 0)
const compositionOf = (choices: readonly Choice[], mix: readonly Share[]) =>
  mixed(mix.map(m => ({ share: m.share, of: choices.find(c => c.id === m.id)!.nutrients })))

/**
 * The mix that keeps the targets and makes the objective as small as it goes; where none keeps them, the mix that breaks the fewest,
 * by the least, with what would mend it.
 * @param candidates ingredients that are not at hand, of which some may be proposed
 */
export function formulate(
  choices: readonly Choice[],
  targets: Targets,
  objective: Objective,
  solver: Solver,
  candidates: readonly Choice[] = [],
): Formula {
  if (choices.length === 0) return { status: 'no-ingredients' }
  const least = choices.reduce((s, c) => s + c.min, 0)
  const most = choices.reduce((s, c) => s + c.max, 0)
  if (least > 1 + 1e-9) return { status: 'shares', bound: 'least', sum: least }
  if (most < 1 - 1e-9) return { status: 'shares', bound: 'most', sum: most }
  const found = solve(solver, formulaProgram(choices, targets, objective))
  if (found) {
    const mix = sharesOf(choices, found.values)
    return {
      status: 'optimal',
      mix,
      composition: compositionOf(choices, mix),
      costPerKg: costOf(choices, mix),
      objective: objective === 'fewest' ? mix.length : found.objective,
    }
  }
  const nearest = relaxed(choices, targets, solver)
  const now = weightOf(nearest.clashes)
  const helpers = candidates
    .filter(c => !choices.some(o => o.id === c.id))
    .map(c => ({ id: c.id, left: weightOf(relaxed([...choices, c], targets, solver).clashes) }))
    .filter(h => h.left < now - 1e-6)
    .sort((a, b) => a.left - b.left)
    .slice(0, HELPERS_MOST)
  return {
    status: 'infeasible',
    ...nearest,
    helpers: helpers.map(h => ({ id: h.id, settles: h.left < 1e-6 })),
  }
}

/** How much is broken: their number first, then by how much. */
const weightOf = (clashes: readonly Clash[]) =>
  clashes.reduce((s, c) => s + 1 + Math.abs(c.reached - c.wanted) / 100, 0)

/** What a side of the targets asks for, as it is told. */
function wantedOf(side: ReturnType<typeof sidesOf>[number], targets: Targets): number {
  if (side.of === 'collagen') return 1 / 3
  const byValue = side.of === 'calcium' || side.of === 'phosphorus'
  return byValue ? targets[side.of as 'calcium' | 'phosphorus']! : side.value
}

function relaxed(
  choices: readonly Choice[],
  targets: Targets,
  solver: Solver,
): { mix: Share[]; composition: Composition; costPerKg: number; clashes: Clash[] } {
  const found = solve(solver, relaxedProgram(choices, targets))
  if (!found) throw new Error('a mix of shares that sum to 1 exists, and was not found')
  const mix = sharesOf(choices, found.values)
  const clashes = sidesOf(choices, targets).flatMap((s): Clash[] => {
    const by = found.values.get(`b_${s.name}`) ?? 0
    if (by * s.scale < 1e-5) return []
    const wanted = wantedOf(s, targets)
    return [
      {
        of: s.of,
        bound: s.bound,
        wanted,
        reached: reachedOf(s, choices, mix, wanted + (s.bound === 'least' ? -1 : 1) * by * s.scale),
      },
    ]
  })
  return { mix, composition: compositionOf(choices, mix), costPerKg: costOf(choices, mix), clashes }
}

/** What the relaxed mix comes to, in the unit of the target. */
function reachedOf(
  s: Side,
  choices: readonly Choice[],
  mix: readonly Share[],
  plain: number,
): number {
  const of = (m: Share) => choices.find(c => c.id === m.id)!
  if (s.of === 'collagen') {
    const all = mix.reduce((n, m) => n + m.share * of(m).nutrients.protein, 0)
    return all > 0
      ? mix.reduce((n, m) => n + (of(m).collagen ? m.share * of(m).nutrients.protein : 0), 0) / all
      : 0
  }
  if (s.of === 'calcium' || s.of === 'phosphorus') {
    const mineral = s.of
    const known = mix.filter(m => (of(m)[mineral] ?? null) !== null)
    const share = known.reduce((n, m) => n + m.share, 0)
    return share > 0 ? known.reduce((n, m) => n + m.share * of(m)[mineral]!, 0) / share : 0
  }
  return plain
}
