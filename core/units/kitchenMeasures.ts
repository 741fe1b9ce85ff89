/** Spoons and cups. A level measure; volumes in mL. */
export type MeasureSystem = 'us' | 'metric'

export interface KitchenMeasure {
  measure: string
  ml: number
}

/** Largest first. */
export const KITCHEN_MEASURES: Record<MeasureSystem, readonly KitchenMeasure[]> = {
  us: [
    { measure: 'cup', ml: 236.588 },
    { measure: 'tbsp', ml: 14.787 },
    { measure: 'tsp', ml: 4.929 },
    { measure: 'half-tsp', ml: 4.929 / 2 },
    { measure: 'quarter-tsp', ml: 4.929 / 4 },
    { measure: 'eighth-tsp', ml: 4.929 / 8 },
    { measure: 'pinch', ml: 4.929 / 16 },
  ],
  metric: [
    { measure: 'tbsp', ml: 15 },
    { measure: 'tsp', ml: 5 },
    { measure: 'half-tsp', ml: 2.5 },
    { measure: 'quarter-tsp', ml: 1.25 },
  ],
}

export interface SpoonCount {
  measure: string
  count: number
}

/** Volume in mL of a measure of either system, or null for a name nobody knows. US wins where both have the name. */
export function measureMl(measure: string, system: MeasureSystem = 'us'): number | null {
  const systems: MeasureSystem[] = system === 'us' ? ['us', 'metric'] : ['metric', 'us']
  for (const name of systems) {
    const found = KITCHEN_MEASURES[name].find(m => m.measure === measure)
    if (found) return found.ml
  }
  return null
}
