/** Nutrients that feeds are judged by, in percent of dry matter (weende analysis; what is left is carbohydrate). */
export const NUTRIENTS = ['protein', 'fat', 'fibre', 'ash'] as const
export type Nutrient = (typeof NUTRIENTS)[number]
export type Nutrients = Readonly<Record<Nutrient, number>>
export interface Composition extends Nutrients {
  carbohydrate: number
}

/** What a label or a table says: percent of the food as it is bought, water included. */
export interface AsFed extends Nutrients {
  moisture: number
}

/** Percent of dry matter; what is not named is carbohydrate. */
export function withCarbohydrate(n: Nutrients): Composition {
  const { protein, fat, fibre, ash } = n
  return { protein, fat, fibre, ash, carbohydrate: 100 - protein - fat - fibre - ash }
}

/** A label in percent of dry matter. */
export function ofDryMatter(label: AsFed): Composition {
  const dry = (100 - label.moisture) / 100
  return withCarbohydrate({
    protein: label.protein / dry,
    fat: label.fat / dry,
    fibre: label.fibre / dry,
    ash: label.ash / dry,
  })
}

/** Composition of a mix: shares of its dry matter, summing to 1. */
export function mixed(parts: readonly { share: number; of: Nutrients }[]): Composition {
  const sum = (n: Nutrient) => parts.reduce((s, p) => s + p.share * p.of[n], 0)
  return withCarbohydrate({
    protein: sum('protein'),
    fat: sum('fat'),
    fibre: sum('fibre'),
    ash: sum('ash'),
  })
}

/** Why a label cannot be: a part below 0, or more than the whole. Null when it can. */
export function labelFault(
  label: AsFed,
): { nutrient: Nutrient | 'moisture' | 'sum'; value: number } | null {
  for (const n of [...NUTRIENTS, 'moisture'] as const)
    if (!(label[n] >= 0) || label[n] > 100) return { nutrient: n, value: label[n] }
  const sum = label.protein + label.fat + label.fibre + label.ash + label.moisture
  // Tables round; a hundredth above the whole is a rounding, not a fault.
  if (sum > 100.01) return { nutrient: 'sum', value: sum }
  return label.moisture >= 99 ? { nutrient: 'moisture', value: label.moisture } : null
}
