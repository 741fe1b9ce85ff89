/** What feeding does to the water of a tank (Timmons & Ebeling for the yield of ammonia, Emerson et al. 1975 for its un-ionised share). */
export const TAN = {
  /** Share of the nitrogen that reaches the water, of food that rots and of food that is eaten. */
  uneatenShare: 0.9,
  eatenShare: 0.55,
  nitrogenInProtein: 0.16,
  /** A mature filter takes this share of the standing value a day. */
  filterPerDay: 0.5,
  /** Un-ionised ammonia-N that fry stand for long, and at which feeding stops, mg/L. */
  longTermMgL: 0.02,
  stopMgL: 0.05,
  /** Sea water holds less of it un-ionised. */
  seaFactor: 0.85,
} as const

/** Food put into a tank in a day. */
export interface Offered {
  dryMg: number
  protein: number
  uneatenShare: number
}

/** Ammonia nitrogen that a day's food brings to the water, mg/L and day. */
export function tanPerDay(foods: readonly Offered[], litres: number): number {
  return (
    foods.reduce(
      (sum, f) =>
        sum +
        (TAN.uneatenShare * f.uneatenShare + TAN.eatenShare * (1 - f.uneatenShare)) *
          f.dryMg *
          f.protein *
          TAN.nitrogenInProtein,
      0,
    ) / litres
  )
}

/** Share of TAN that is un-ionised, and harms. */
export const unionisedShare = (pH: number, temperatureC: number, marine = false) =>
  (marine ? TAN.seaFactor : 1) / (1 + 10 ** (0.09018 + 2729.92 / (273.15 + temperatureC) - pH))

export interface TankLoad {
  tanPerDay: number
  /** Standing value at the present water changes, mg/L. */
  standingMgL: number
  unionisedMgL: number
  /** Share of the water to change a day so that fry stand it for long; null when even all of it would not do. */
  changeNeeded: number | null
  verdict: 'fine' | 'change-more' | 'feed-less'
}

/** Where the load settles, and the water change that keeps it below what fry stand. */
export function tankLoad(
  perDay: number,
  water: {
    changePerDay: number
    filter: boolean
    pH: number
    temperatureC: number
    marine: boolean
  },
): TankLoad {
  const removal = water.changePerDay + (water.filter ? TAN.filterPerDay : 0)
  const share = unionisedShare(water.pH, water.temperatureC, water.marine)
  const standingMgL = perDay / Math.max(removal, 0.02)
  const unionisedMgL = standingMgL * share
  const wanted = (perDay * share) / TAN.longTermMgL - (water.filter ? TAN.filterPerDay : 0)
  const changeNeeded = wanted > 1 ? null : Math.max(0, wanted)
  const beyond = unionisedMgL > TAN.stopMgL || changeNeeded === null
  const remedy = beyond ? 'feed-less' : 'change-more'
  return {
    tanPerDay: perDay,
    standingMgL,
    unionisedMgL,
    changeNeeded,
    verdict: unionisedMgL <= TAN.longTermMgL ? 'fine' : remedy,
  }
}
