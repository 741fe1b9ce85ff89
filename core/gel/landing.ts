import { massBalance, type MassBalance } from './batch'

/** Trays as they were filled, as far as pieces are counted by them. */
type Filled = readonly { n: number; cells: number | null; form: string }[]

/** Pieces that lie ready: a cell is one, a coated thing is one. Null for what is cut, as what comes out of a bag. */
export function readyPieces(trays: Filled): number | null {
  const ready = trays.length > 0 && trays.every(t => t.cells !== null || t.form === 'coating')
  if (!ready) return null
  return Math.max(1, Math.round(trays.reduce((n, t) => n + t.n * (t.cells ?? 1), 0)))
}

/** Cubes of an edge that a volume is cut to. @param edgeMm mm */
export const cubesOf = (ml: number, edgeMm: number): number =>
  Math.max(1, Math.floor((ml * 1000) / edgeMm ** 3))

/** Powder and water are pieces, left-over and loss. */
export function landedBalance(
  batch: { powderG: number; allWaterMl: number },
  landed: { filledMl: number; leftMl: number; landedG: number | null },
  lossShare: number,
): MassBalance {
  const { powderG, allWaterMl } = batch
  const { filledMl, leftMl, landedG } = landed
  const leftG = ((powderG + allWaterMl) * leftMl) / (filledMl + leftMl) / (1 + lossShare)
  return massBalance({ powderG, waterG: allWaterMl, landedG, leftG, lossShare })
}

/** So much more than went in may a scale show. */
const SCALE_ERROR = 0.05
/** It weighs more than went in: scale or fill is wrong. */
export const weighsTooMuch = (b: MassBalance): boolean => b.lostG < -SCALE_ERROR * b.inG
