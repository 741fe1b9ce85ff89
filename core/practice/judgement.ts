/** How well somebody knew how sure to be. */
export interface Judgement {
  /** Said chances against what came true: 0 is perfect, 0.25 knows nothing (Brier 1950). */
  brier: number
  /** What of it comes of saying too much or too little, and what it gains by telling cases apart (Murphy 1973). */
  calibration: number
  sharpness: number
  /** Sayings behind it. */
  from: number
}

export interface Saying {
  /** Chance that was said. */
  said: number
  right: boolean
}

/** Null where nothing was said. */
export function judgementOf(sayings: readonly Saying[]): Judgement | null {
  const n = sayings.length
  if (n === 0) return null
  const base = sayings.filter(s => s.right).length / n
  const steps = [...new Set(sayings.map(s => s.said))]
  let [calibration, sharpness] = [0, 0]
  for (const said of steps) {
    const mine = sayings.filter(s => s.said === said)
    const came = mine.filter(s => s.right).length / mine.length
    calibration += (mine.length / n) * (said - came) ** 2
    sharpness += (mine.length / n) * (came - base) ** 2
  }
  const brier = sayings.reduce((sum, s) => sum + (s.said - (s.right ? 1 : 0)) ** 2, 0) / n
  return { brier, calibration, sharpness, from: n }
}
