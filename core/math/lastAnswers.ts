type Numbers = (a: number, b: number, c: number, d: number, e: number) => number

/**
 * A pure function of up to five numbers that remembers its last two answers: all courses of one vessel ask it for the same
 * temperatures and lengths of step, one after the other.
 */
export function lastAnswers(f: Numbers) {
  let [a0, b0, c0, d0, e0, y0] = [NaN, NaN, NaN, NaN, NaN, NaN]
  let [a1, b1, c1, d1, e1, y1] = [NaN, NaN, NaN, NaN, NaN, NaN]
  return (a: number, b = 0, c = 0, d = 0, e = 0): number => {
    if (a === a0 && b === b0 && c === c0 && d === d0 && e === e0) return y0
    if (a === a1 && b === b1 && c === c1 && d === d1 && e === e1) return y1
    a1 = a0
    b1 = b0
    c1 = c0
    d1 = d0
    e1 = e0
    y1 = y0
    a0 = a
    b0 = b
    c0 = c
    d0 = d
    e0 = e
    y0 = f(a, b, c, d, e)
    return y0
  }
}
