import type { Constraint, Variable } from '../../math/linearProgram'
import type { PlanProblem } from './problem'

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

/** What is less than this is nothing. */
export const EPS = 1e-12

export type Terms = Constraint['terms']
/** Variables of the starts, by startable and day; null where none may be made. */
export type Starts = readonly (readonly (string | null)[])[]

/** A programme while it is written down. */
export class Writing {
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
/** What only helps to write the programme down. */
export const AID: Means = { kind: 'aid' }

/** The starts of those that are asked for, from their days. */
export const startTerms = (
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

/** What is eaten of a food on a day; factors are divided by the scale, so that the solver sees numbers near one. */
export interface TakeOn {
  n: number
  day: number
  terms: Terms
  scale: number
}
