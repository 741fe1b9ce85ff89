/** How young come into the world: it decides which tasks there are before they swim free. */
export type Birth = 'eggs' | 'mouth' | 'live' | 'diapause'
export type Guild = 'carnivore' | 'omnivore' | 'grazer'
export type FryZone = 'surface' | 'column' | 'bottom'
/** Days: usual, and the span that is seen. */
export type Span = readonly [usual: number, lo: number, hi: number]

/** Values of a species that carry a source of their own. */
export type SourcedValue =
  | 'hatchDays'
  | 'swimDays'
  | 'firstFeedingMm'
  | 'gapePerLength'
  | 'length14Mm'
  | 'length30Mm'
  | 'adultMm'
  | 'referenceC'
  | 'zones'
  | 'guild'

/** A fish as the fry models see it. Lengths are total lengths of well-fed fish; day 0 is free swimming. */
export interface Species {
  id: string
  /** The first is the one shown. */
  names: readonly string[]
  latin: readonly string[]
  guild: Guild
  /** Where the fry feed. */
  zones: readonly FryZone[]
  birth: Birth
  /** Spawning to hatch (gestation, or days in the mouth, or in the dry egg), and hatch to free swimming, at the reference temperature. */
  hatchDays: Span
  swimDays: Span
  /** Length at first feeding, mm. */
  firstFeedingMm: number
  /** Full gape over length. */
  gapePerLength: number
  length14Mm: number
  length30Mm: number
  adultMm: number
  /** Temperature the values above belong to, and the span growth is held to, degC. */
  referenceC: number
  rangeC: readonly [lo: number, hi: number]
  /** Factor on wet mass for tall or slender bodies, from and up to a length where it holds for part of life. */
  shape: number
  shapeFromMm: number
  shapeToMm: number
  /** True where the fry live in salt water. */
  marine: boolean
  /** Larvae of the sea: the first day on which they take a food, whatever its size; not named, from the first. */
  earliestDay?: Readonly<Record<string, number>>
  /** And the last on which they hunt it where anything larger stands in the room. */
  lastDay?: Readonly<Record<string, number>>
  /** What is known to work first, in words. */
  firstFood: string
  /** Source of each value; "working estimate" where nobody measured. */
  sources: Readonly<Record<SourcedValue, string>>
}

export const ESTIMATE = 'working estimate'
const KNOWN = 'species literature'

export type FishInput = Omit<
  Species,
  'rangeC' | 'shape' | 'shapeFromMm' | 'shapeToMm' | 'marine' | 'sources'
> &
  Partial<Pick<Species, 'shape' | 'shapeFromMm' | 'shapeToMm' | 'marine'>> & {
    /** Source of timing and first length. */ timing: string
  }

/** Degrees below and above the reference to which growth is extrapolated where literature gives no span. */
const BELOW_C = 5
const ABOVE_C = 4

/** Completes a catalogue row. Gape and growth are working estimates throughout: published series are rare. */
export function fish({ timing, ...values }: FishInput): Species {
  return {
    shape: 1,
    shapeFromMm: 0,
    shapeToMm: Infinity,
    marine: false,
    ...values,
    rangeC: [values.referenceC - BELOW_C, values.referenceC + ABOVE_C],
    sources: {
      hatchDays: timing,
      swimDays: timing,
      firstFeedingMm: timing,
      adultMm: KNOWN,
      referenceC: KNOWN,
      zones: KNOWN,
      guild: KNOWN,
      gapePerLength: ESTIMATE,
      length14Mm: ESTIMATE,
      length30Mm: ESTIMATE,
    },
  }
}

/** One line of source for the whole fish. */
export const sourceLine = (s: Species): string =>
  s.sources.hatchDays === ESTIMATE
    ? 'Adult size, temperature, zone and guild: species literature; timing, gape and growth: working estimates'
    : `Timing and first length: ${s.sources.hatchDays}; gape and growth: working estimates`
