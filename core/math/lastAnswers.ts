type Numbers = (a: number, b: number, c: number, d: number, e: number) => number

/** Where the newer and the older of the two kept answers lie: five numbers and what came of them. */
const OLDER = 6

/**
 * A pure function of up to five numbers that remembers its last two answers: all courses of one vessel ask it for the same
 * temperatures and lengths of step, one after the other. They lie in an array of doubles, which an
 * engine reads without boxing them.
 */
export function lastAnswers(f: Numbers) {
  const kept = new Float64Array(2 * OLDER).fill(NaN)
  const is = (i: number, a: number, b: number, c: number, d: number, e: number) =>
    kept[i] === a &&
    kept[i + 1] === b &&
    kept[i + 2] === c &&
    kept[i + 3] === d &&
    kept[i + 4] === e
  return (a: number, b = 0, c = 0, d = 0, e = 0): number => {
    if (is(0, a, b, c, d, e)) return kept[5]!
    if (is(OLDER, a, b, c, d, e)) return kept[OLDER + 5]!
    kept.copyWithin(OLDER, 0, OLDER)
    kept[0] = a
    kept[1] = b
    kept[2] = c
    kept[3] = d
    kept[4] = e
    return (kept[5] = f(a, b, c, d, e))
  }
}
