import type { Constraint, LinearProgram, Variable } from '../math/linearProgram'
import { NUTRIENTS, type Nutrients } from './composition'
import type { Range, Targets } from './targets'

/** What is to be made as small as it goes: price, distance from the middle of the targets, number of ingredients. */
export type Objective = 'cost' | 'nearest' | 'fewest'

/** An ingredient as the programme sees it: percent of dry matter, bounds on its share of the dry mix, price of a kilogram of dry matter. */
export interface Choice {
  id: string
  nutrients: Nutrients
  calcium?: number | null
  phosphorus?: number | null
  min: number
  max: number
  costPerKg: number
  collagen?: boolean
}

/** Collagen may bring this share of all protein. */
export const COLLAGEN_MOST = 1 / 3
/** A side of a target: what may clash with others. */
export interface Side {
  name: string
  of: keyof Targets | 'collagen'
  bound: 'least' | 'most'
  value: number
  /** What the left side is measured in. */ terms: { variable: string; factor: number }[]
  /** Size of the unit in which it is broken, for comparing sides. */ scale: number
}

const x = (i: number) => `x${i}`
/** Distance is measured against the middle; a target of nothing is measured in percent. */
export const middleOf = ([least, most]: Range) => (least + most) / 2
export const distanceScale = (range: Range) => middleOf(range) || 1

/** Every side of every target as `terms >= value` or `terms <= value`, in percent of dry matter. */
export function sidesOf(choices: readonly Choice[], targets: Targets): Side[] {
  const sides: Side[] = []
  for (const n of NUTRIENTS) {
    const range = targets[n]
    if (!range) continue
    const terms = choices.map((c, i) => ({ variable: x(i), factor: c.nutrients[n] }))
    const scale = distanceScale(range)
    if (range[0] > 0)
      sides.push({ name: `${n}_least`, of: n, bound: 'least', value: range[0], terms, scale })
    if (range[1] < 100)
      sides.push({ name: `${n}_most`, of: n, bound: 'most', value: range[1], terms, scale })
  }
  for (const mineral of ['calcium', 'phosphorus'] as const) {
    const least = targets[mineral]
    if (!least) continue
    // What was not measured is left out of the mean: it is unknown, not zero.
    const terms = choices.flatMap((c, i) =>
      (c[mineral] ?? null) === null ? [] : [{ variable: x(i), factor: c[mineral]! - least }],
    )
    sides.push({
      name: `${mineral}_least`,
      of: mineral,
      bound: 'least',
      value: 0,
      terms,
      scale: least,
    })
  }
  if (choices.some(c => c.collagen)) {
    const terms = choices.map((c, i) => ({
      variable: x(i),
      factor: c.nutrients.protein * ((c.collagen ? 1 : 0) - COLLAGEN_MOST),
    }))
    sides.push({ name: 'collagen_most', of: 'collagen', bound: 'most', value: 0, terms, scale: 10 })
  }
  return sides
}

const shares = (choices: readonly Choice[], weight: (c: Choice) => number): Variable[] =>
  choices.map((c, i) => ({
    name: x(i),
    weight: weight(c),
    lower: c.min,
    upper: c.max,
    whole: false,
  }))
const whole = (choices: readonly Choice[]): Constraint => ({
  name: 'whole',
  terms: choices.map((_, i) => ({ variable: x(i), factor: 1 })),
  sense: '=',
  bound: 1,
})
const kept = (s: Side): Constraint => ({
  name: s.name,
  terms: s.terms,
  sense: s.bound === 'least' ? '>=' : '<=',
  bound: s.value,
})

/** How far from the middle of each target, as one variable of each: sum of |value - middle| / middle. */
function distances(choices: readonly Choice[], targets: Targets, weight: number): LinearProgram {
  const variables: Variable[] = []
  const constraints: Constraint[] = []
  for (const n of NUTRIENTS) {
    const range = targets[n]
    if (!range) continue
    const scale = distanceScale(range)
    const terms = choices.map((c, i) => ({ variable: x(i), factor: c.nutrients[n] / scale }))
    variables.push({ name: `d_${n}`, weight, lower: 0, upper: Infinity, whole: false })
    constraints.push({
      name: `above_${n}`,
      terms: [...terms, { variable: `d_${n}`, factor: -1 }],
      sense: '<=',
      bound: middleOf(range) / scale,
    })
    constraints.push({
      name: `below_${n}`,
      terms: [...terms, { variable: `d_${n}`, factor: 1 }],
      sense: '>=',
      bound: middleOf(range) / scale,
    })
  }
  return { variables, constraints }
}

/** Of two formulas with as many ingredients the nearer is taken: its distance weighs less than one ingredient. */
const TIE = 1e-3

/** The programme of a formula: shares of the dry mix that keep every target. */
export function formulaProgram(
  choices: readonly Choice[],
  targets: Targets,
  objective: Objective,
): LinearProgram {
  const constraints = [whole(choices), ...sidesOf(choices, targets).map(kept)]
  if (objective === 'cost') return { variables: shares(choices, c => c.costPerKg), constraints }
  const near = distances(choices, targets, objective === 'nearest' ? 1 : TIE)
  const variables = [...shares(choices, () => 0), ...near.variables]
  if (objective === 'nearest')
    return { variables, constraints: [...constraints, ...near.constraints] }
  return {
    variables: [
      ...variables,
      ...choices.map((c, i): Variable => ({
        name: `u${i}`,
        weight: 1,
        lower: c.min > 0 ? 1 : 0,
        upper: 1,
        whole: true,
      })),
    ],
    constraints: [
      ...constraints,
      ...near.constraints,
      ...choices.map((c, i): Constraint => ({
        name: `used${i}`,
        terms: [
          { variable: x(i), factor: 1 },
          { variable: `u${i}`, factor: -Math.max(c.max, c.min) },
        ],
        sense: '<=',
        bound: 0,
      })),
    ],
  }
}

/** How much a broken side weighs by its size, against breaking it at all. */
const SIZE = 1e-2
/** No side is broken by more than this many of its scales. */
const FAR = 100

/** The programme that breaks as few targets as it can, and those by as little as it can. */
export function relaxedProgram(choices: readonly Choice[], targets: Targets): LinearProgram {
  const sides = sidesOf(choices, targets)
  const by = (s: Side) => `b_${s.name}`
  const broken = (s: Side) => `z_${s.name}`
  return {
    variables: [
      ...shares(choices, () => 0),
      ...sides.flatMap((s): Variable[] => [
        { name: by(s), weight: SIZE, lower: 0, upper: FAR, whole: false },
        { name: broken(s), weight: 1, lower: 0, upper: 1, whole: true },
      ]),
    ],
    constraints: [
      whole(choices),
      ...sides.map((s): Constraint => ({
        ...kept(s),
        terms: [...s.terms, { variable: by(s), factor: s.bound === 'least' ? s.scale : -s.scale }],
      })),
      ...sides.map((s): Constraint => ({
        name: `any_${s.name}`,
        terms: [
          { variable: by(s), factor: 1 },
          { variable: broken(s), factor: -FAR },
        ],
        sense: '<=',
        bound: 0,
      })),
    ],
  }
}
