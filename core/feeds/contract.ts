/** Where in the water a food is while fry can take it. `upper` is surface and column, `suspended` is everywhere. */
export type FoodZone = 'surface' | 'upper' | 'column' | 'bottom' | 'suspended'

/** One size in which a food comes: fry take the one that fits them best. */
export interface FoodSize {
  id: string
  /** "newborn", "small strain"; empty where a food comes in one size. */
  name: string
  lengthUm: number
  /** Width that decides whether a mouth takes it, um. */
  widthUm: number
  /** Dry mass of one animal or grain, ug. */
  dryUg: number
}

/** Household portion of a food at the density a good culture usually has: a working estimate until somebody counts. */
export interface FoodPortion {
  unit: 'mL' | 'cube' | 'pinch' | 'wipe' | 'worm' | 'piece'
  /** Animals or grains in one unit. */
  perUnit: number
  /** Of what: "a clear, swarming jar". */
  of: string
}

export interface FeedingTip {
  when: 'always' | 'surface' | 'column' | 'bottom' | 'marine'
  text: string
}

/** What a mouth meets: everything the demand side needs to know of a food, whether a culture or a powder. */
export interface FeedProfile {
  id: string
  name: string
  /** A genus name: it keeps its capital inside a sentence. */
  proper?: boolean
  /** What its units are called: "nauplii", "worms". */
  units: string
  /** The usual size as fed. */
  lengthUm: number
  criticalWidthUm: number
  dryUg: number
  /** Other sizes it can be had in, the usual one included; empty where there is one only. */
  sizes: readonly FoodSize[]
  /** Ground, minced or cut to half of the gape between these widths, um; null for what is alive. */
  cutToGapeUm: readonly [lo: number, hi: number] | null
  /** Long soft worms must also be shorter than 0.6 of the fish. */
  worm: boolean
  zone: FoodZone
  /** Worth as the main food, brine shrimp = 1; `small` below 8 mm of fish. */
  nutrition: number
  nutritionSmall: number
  /** Given with the water it swims in, not sieved or netted out of it. */
  withWater?: boolean
  /** Given once a day, and left for hours to be picked at. */
  lasting?: boolean
  /** Fish longer than this leave it for anything else that suits, mm. */
  upToMm?: number
  /** Hours half of it stays alive and catchable, in fresh and in salt water; 999 without end. */
  aliveInTankH: number
  aliveInSeaH: number
  /** Share of what is offered that fry catch before it is lost. */
  captureShare: number
  /** Prey per mL that fry need to find it. */
  floorPerMl: number
  /** Protein share of dry matter, and share of a meal that is not eaten: for the load on the tank. */
  protein: number
  uneatenShare: number
  /** Null where every harvest is measured anew. */
  portion: FoodPortion | null
  tips: readonly FeedingTip[]
  source: string
}
