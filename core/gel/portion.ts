/** Grazed of a fry's length squared, as the face it needs: working estimate. */
const FACE_PER_FRY = 0.25
const FACE_OF_LENGTH = 0.25
/** One face of a cube lies on the ground. */
const FREE_FACES = 5
/** Density of set gel, g/mL. */
export const GEL_G_PER_ML = 1.05

/** Share of the set gel that is dry matter. @param moisture of the powder, percent */
export const dryFraction = (powderG: number, waterG: number, moisture: number) =>
  (powderG * (1 - moisture / 100)) / (powderG + waterG)

/** Face that a brood needs so that all can graze at once, mm2. */
export const faceNeeded = (fry: number, lengthMm: number) =>
  FACE_PER_FRY * fry * (FACE_OF_LENGTH * lengthMm) ** 2

/** Longest edge of a cube so that a volume of them has that face, mm. Five of six sides are free. */
export const grazeEdgeMm = (volumeMl: number, fry: number, lengthMm: number): number =>
  (FREE_FACES * volumeMl * 1000) / faceNeeded(fry, lengthMm)

export interface Portion {
  /** Dry and wet gel a day, mg and g. */
  dryMg: number
  wetG: number
  /** Pieces a day, in halves below three. */
  pieces: number
  /** Wet gel of those pieces over what was wanted. */
  roundedBy: number
}

/** Gel of a day for a brood, in pieces of a box. @param dryMg gel to offer in a day, dry */
export function portionOf(dryMg: number, dry: number, pieceG: number): Portion {
  const wetG = dryMg / 1000 / dry
  const exact = wetG / pieceG
  const rounded = exact < 3 ? Math.max(0.5, Math.round(exact * 2) / 2) : Math.round(exact)
  const pieces = exact <= 0 ? 0 : rounded
  return { dryMg, wetG, pieces, roundedBy: exact > 0 ? pieces / exact - 1 : 0 }
}

/** Edges that a tray or a knife makes, mm. */
const EDGES = [2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30]
/** The largest handy edge that leaves face enough; the smallest where none does. */
export const handyEdge = (mostMm: number): number => EDGES.findLast(e => e <= mostMm) ?? EDGES[0]!
