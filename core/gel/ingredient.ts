import type { IngredientRole, Milling } from '../records/vocabulary'
import type { AsFed } from './composition'

/** An ingredient of a gel diet, as it is bought. */
export interface Ingredient {
  id: string
  name: string
  label: AsFed
  /** Percent as bought; null where nobody measured: unknown is not zero. */
  calcium: number | null
  phosphorus: number | null
  /** Price of a kilogram as bought, in the user's money. */
  costPerKg: number
  /** Width of its grains as bought, um; null for what dissolves or runs. */
  particleUm: number | null
  /** How it gets fine enough for a mouth. */
  milling: Milling
  /** Loose bulk density, g/mL. */
  gPerMl: number
  /** Largest share of the dry mix that practice allows, and share of what is dosed by a label. */
  most: number
  dose: number | null
  /** `premix`: dosed by its label; `pigment`: colour, dosed by the hundredth; `binder`: fixed by the gel; `feed`: all else. */
  role: IngredientRole
  /** Its protein is collagen: it counts for a third of all protein at most. */
  collagen: boolean
  source: string
}

/** Dry matter in a gram of it as bought. */
export const dryShare = (i: Pick<Ingredient, 'label'>) => (100 - i.label.moisture) / 100
/** Price of a kilogram of its dry matter. */
export const costPerDryKg = (i: Pick<Ingredient, 'label' | 'costPerKg'>) =>
  i.costPerKg / dryShare(i)
