const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  if (sorted.length % 2 === 1) return sorted[middle]!
  return (sorted[middle - 1]! + sorted[middle]!) / 2
}

export interface RobustLine {
  slope: number
  /** Standard error of the slope, from the median of what is left over. */
  slopeSe: number
}

/** Median of absolute deviations to a standard deviation, for normal scatter. */
const MAD_TO_SD = 1.4826

/**
 * The slope of a line through points of which some may be wrong: median of the slopes of all pairs (Theil 1950, Sen 1968).
 * @param leastSd scatter that is taken for granted, such as half a step of the instrument
 * @returns null for fewer than three points, or where all share one x
 */
export function robustLine(
  points: readonly { x: number; y: number }[],
  leastSd: number,
): RobustLine | null {
  const slopes: number[] = []
  for (let i = 0; i < points.length; i++)
    for (let j = i + 1; j < points.length; j++) {
      const dx = points[j]!.x - points[i]!.x
      if (dx !== 0) slopes.push((points[j]!.y - points[i]!.y) / dx)
    }
  if (points.length < 3 || slopes.length === 0) return null
  const slope = median(slopes)
  const rest = points.map(p => p.y - slope * p.x)
  const middle = median(rest)
  const sd = Math.max(leastSd, MAD_TO_SD * median(rest.map(r => Math.abs(r - middle))))
  const meanX = points.reduce((sum, p) => sum + p.x, 0) / points.length
  const spreadX = Math.sqrt(points.reduce((sum, p) => sum + (p.x - meanX) ** 2, 0))
  return { slope, slopeSe: sd / spreadX }
}
