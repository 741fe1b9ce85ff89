/** How what lies on a scale stands to what is wanted. */
export interface Weighing {
  /** Still to come, g; negative for what is too much. */
  missingG: number
  /** Near enough for a kitchen: within 2 %, or a hundredth of a gram. */
  enough: boolean
}

const ENOUGH = { share: 0.02, leastG: 0.01 } as const

export function weighing(targetG: number, liesG: number): Weighing {
  const missingG = targetG - liesG
  return {
    missingG,
    enough: Math.abs(missingG) <= Math.max(ENOUGH.leastG, ENOUGH.share * targetG),
  }
}

/** What the spoons that were poured hold each, mL, by the loose density of the powder. */
export const spoonMl = (grams: number, spoons: number, gPerMl: number): number =>
  grams / spoons / gPerMl
