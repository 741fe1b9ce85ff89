import { SOLID_G_PER_ML } from './batch'
import type { Share } from './formulate'
import { dryShare, type Ingredient } from './ingredient'

export interface MixLine {
  id: string
  name: string
  grams: number
  ml: number
  cost: number
}
export interface FormulaBatch {
  totalMl: number
  /** Dry matter in all, g. */
  dryG: number
  lines: MixLine[]
  /** Water to add; negative where fresh ingredients bring more than the gel wants. */
  waterMl: number
  cost: number
}

/**
 * An own formula for a volume. Water is by mass on a gram of dry mix; what fresh ingredients bring is taken off it.
 * Dry matter fills its mass over 1.35 g/mL.
 * @param waterByMass grams of water in the gel on a gram of dry matter
 */
export function formulaBatch(
  mix: readonly Share[],
  of: (id: string) => Ingredient,
  i: { fillMl: number; lossShare: number; waterByMass: number },
): FormulaBatch {
  const totalMl = i.fillMl * (1 + i.lossShare)
  const dryG = totalMl / (i.waterByMass + 1 / SOLID_G_PER_ML)
  const lines = mix.map((m): MixLine => {
    const what = of(m.id)
    const grams = (dryG * m.share) / dryShare(what)
    return {
      id: m.id,
      name: what.name,
      grams,
      ml: grams / what.gPerMl,
      cost: (grams / 1000) * what.costPerKg,
    }
  })
  const brought = lines.reduce((s, l) => s + l.grams, 0) - dryG
  return {
    totalMl,
    dryG,
    lines,
    waterMl: dryG * i.waterByMass - brought,
    cost: lines.reduce((s, l) => s + l.cost, 0),
  }
}

/** Least water by mass at which nothing has to be cooked off. */
export const leastWater = (mix: readonly Share[], of: (id: string) => Ingredient): number =>
  mix.reduce((s, m) => s + m.share * (1 / dryShare(of(m.id)) - 1), 0)
