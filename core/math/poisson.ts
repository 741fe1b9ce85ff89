/** Beyond this count the cube-root approximation is better than a thousandth, and sums of terms become slow. */
const EXACT_UP_TO = 2000

/** Probability of at most n events where lambda are expected. */
export function poissonCdf(n: number, lambda: number): number {
  if (n < 0) return 0
  if (lambda <= 0) return 1
  // Terms in logarithms: e^-lambda alone would vanish.
  let logTerm = -lambda
  let sum = Math.exp(logTerm)
  for (let k = 1; k <= n; k++) {
    logTerm += Math.log(lambda / k)
    sum += Math.exp(logTerm)
  }
  return Math.min(1, sum)
}

const bisect = (below: (x: number) => boolean, lo: number, hi: number): number => {
  let [a, b] = [lo, hi]
  for (let i = 0; i < 80 && b - a > 1e-9 * Math.max(1, b); i++) {
    const middle = (a + b) / 2
    if (below(middle)) a = middle
    else b = middle
  }
  return (a + b) / 2
}

/**
 * Exact interval of the expected number behind a count (Garwood 1936); for large counts the cube-root approximation (Wilson & Hilferty 1931).
 * @param confidence 0.95 for the usual one
 */
export function poissonInterval(n: number, confidence = 0.95): readonly [lo: number, hi: number] {
  const tail = (1 - confidence) / 2
  if (n > EXACT_UP_TO) {
    const z = confidence >= 0.949 ? 1.959964 : 1.281552
    const lo = n * (1 - 1 / (9 * n) - z / (3 * Math.sqrt(n))) ** 3
    const hi = (n + 1) * (1 - 1 / (9 * (n + 1)) + z / (3 * Math.sqrt(n + 1))) ** 3
    return [lo, hi]
  }
  const most = n + 10 * Math.sqrt(n + 4) + 20
  const lo = n === 0 ? 0 : bisect(x => 1 - poissonCdf(n - 1, x) < tail, 0, most)
  const hi = bisect(x => poissonCdf(n, x) > tail, 0, most)
  return [lo, hi]
}
