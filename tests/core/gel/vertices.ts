/** Oracle for small linear programmes: every corner of what is allowed, tried one by one. */
export interface Row {
  a: readonly number[]
  at: 'least' | 'most'
  b: number
}

const EPS = 1e-7

/** Smallest value of an objective over all corners; null where nothing is allowed. All variables lie between rows that bound them. */
export function bestVertex(
  objective: readonly number[],
  rows: readonly Row[],
  equal: readonly { a: readonly number[]; b: number }[],
): number | null {
  const n = objective.length
  let best: number | null = null
  const allowed = (x: readonly number[]) =>
    rows.every(r => (r.at === 'least' ? dot(r.a, x) >= r.b - EPS : dot(r.a, x) <= r.b + EPS))
  for (const set of subsets(rows.length, n - equal.length)) {
    const x = solve([
      ...equal.map(e => [...e.a, e.b]),
      ...set.map(i => [...rows[i]!.a, rows[i]!.b]),
    ])
    if (x === null || !allowed(x)) continue
    const value = dot(objective, x)
    if (best === null || value < best) best = value
  }
  return best
}

const dot = (a: readonly number[], x: readonly number[]) => a.reduce((s, v, i) => s + v * x[i]!, 0)

function* subsets(from: number, size: number, first = 0): Generator<number[]> {
  if (size === 0) return yield []
  for (let i = first; i <= from - size; i++)
    for (const rest of subsets(from, size - 1, i + 1)) yield [i, ...rest]
}

/** Gauss with pivots; null where the rows do not meet in a point. */
function solve(m: number[][]): number[] | null {
  const n = m.length
  for (let c = 0; c < n; c++) {
    let p = c
    for (let r = c + 1; r < n; r++) if (Math.abs(m[r]![c]!) > Math.abs(m[p]![c]!)) p = r
    if (Math.abs(m[p]![c]!) < 1e-9) return null
    ;[m[c], m[p]] = [m[p]!, m[c]!]
    for (let r = 0; r < n; r++) {
      if (r === c) continue
      const f = m[r]![c]! / m[c]![c]!
      if (f !== 0) for (let k = c; k <= n; k++) m[r]![k]! -= f * m[c]![k]!
    }
  }
  return m.map((row, i) => row[n]! / row[i]!)
}
