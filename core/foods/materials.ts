import type { MaterialId, MaterialUnit } from '../records/vocabulary'

/** Something that is kept and used up, and is no food of fry by itself. */
export interface Material {
  id: MaterialId
  name: string
  unit: MaterialUnit
  /** What a household pack holds, in the unit (working estimate). */
  pack: number
  /** Days that an open pack is good for; null without end (working estimates). */
  keepsDays: number | null
  /** It is mixed here, not bought, and goes in for this. */
  insteadOf?: MaterialId
}

const YEAR = 365
const material = (
  id: MaterialId,
  name: string,
  unit: MaterialUnit,
  pack: number,
  keepsDays: number | null,
): Material => ({ id, name, unit, pack, keepsDays })

const ALL: readonly Material[] = [
  material('salt', 'Salt', 'g', 1000, null),
  material('soda', 'Baking soda', 'g', 500, 2 * YEAR),
  material('sea-salt', 'Sea-salt mix', 'g', 2000, null),
  material('yeast', 'Yeast, dry', 'g', 100, YEAR),
  material('spirulina', 'Spirulina powder', 'g', 100, 2 * YEAR),
  material('oatmeal', 'Fine oatmeal', 'g', 500, YEAR),
  material('bread', 'White bread', 'g', 500, 5),
  material('cereal', 'Instant cereal', 'g', 250, YEAR),
  material('dry-feed', 'Dry feed', 'g', 250, YEAR),
  material('pellets', 'Sinking pellets', 'g', 250, YEAR),
  material('dry-leaf', 'Dry leaf', 'g', 50, 2 * YEAR),
  material('wheat', 'Wheat grains', 'each', 2000, 2 * YEAR),
  material('cider-vinegar', 'Cider vinegar', 'mL', 1000, 2 * YEAR),
  material('apple', 'Apple', 'g', 1000, 30),
  material('plant-food', 'Plant food, nitrogen in it', 'g', 50, null),
  material('f2', 'f/2 medium', 'mL', 250, YEAR),
  material('algae-paste', 'Algae paste', 'mL', 100, 90),
  material('coral', 'Crushed coral', 'g', 1000, null),
  material('gravel', 'Pea gravel', 'mL', 2000, null),
  material('coir', 'Coir, soaked', 'mL', 5000, YEAR),
  material('scrub-pads', 'Scrub pads', 'each', 10, null),
  material('paper', 'Brown paper strips', 'each', 50, null),
  material('bleach', 'Plain bleach', 'mL', 1000, 168),
  material('thiosulphate', 'Sodium thiosulphate', 'g', 100, null),
  { ...material('stock-brine', 'Stock brine', 'mL', 5000, null), insteadOf: 'salt' },
  { ...material('vinegar-mix', 'Vinegar and water', 'mL', 2000, null), insteadOf: 'cider-vinegar' },
]
const byId = new Map(ALL.map(m => [m.id, m]))

/** What the recipes take, as a household buys and keeps it. */
export const materials = ALL
export const materialOf = (id: MaterialId): Material => byId.get(id)!
