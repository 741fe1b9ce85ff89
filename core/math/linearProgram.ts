/** A variable of a programme: its weight in the objective, bounds, whether it is whole. */
export interface Variable {
  name: string
  weight: number
  lower: number
  upper: number
  whole: boolean
}
export interface Constraint {
  name: string
  terms: { variable: string; factor: number }[]
  sense: '<=' | '>=' | '='
  bound: number
}
/** To be made as small as it goes. */
export interface LinearProgram {
  variables: readonly Variable[]
  constraints: readonly Constraint[]
}

function number(x: number): string {
  if (Number.isFinite(x)) return x.toPrecision(12)
  return x > 0 ? '+inf' : '-inf'
}
const term = (factor: number, name: string) =>
  `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toPrecision(12)} ${name}`
const wrap = (parts: readonly string[]) =>
  parts.reduce((text, part, i) => `${text}${i > 0 && i % 8 === 0 ? '\n ' : ' '}${part}`, '')

/** The programme as text in the LP format, which every solver reads. */
export function programText({ variables, constraints }: LinearProgram): string {
  const objective = variables.filter(v => v.weight !== 0).map(v => term(v.weight, v.name))
  return [
    'Minimize',
    ` obj:${objective.length > 0 ? wrap(objective) : ' 0'}`,
    'Subject To',
    ...constraints.map(
      c =>
        ` ${c.name}:${wrap(c.terms.map(t => term(t.factor, t.variable)))} ${c.sense} ${number(c.bound)}`,
    ),
    'Bounds',
    ...variables.map(v => ` ${number(v.lower)} <= ${v.name} <= ${number(v.upper)}`),
    ...(variables.some(v => v.whole)
      ? [
          'General',
          ` ${variables
            .filter(v => v.whole)
            .map(v => v.name)
            .join('\n ')}`,
        ]
      : []),
    'End',
    '',
  ].join('\n')
}
