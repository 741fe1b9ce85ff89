import type { ActionKind, AmountUnit, FamilyId, Sign } from '../dynamics/contract'
import type { ParameterSet } from '../dynamics/parameter'
import type { FeedProfile } from '../feeds/contract'
import type { MaterialId, RefusalId, Stranger, Water } from '../records/vocabulary'

/**
 * What a food is: one folder with the same files (profile, parameters, methods, signs, index).
 * Shared code reads these definitions; nothing outside a food's folder asks which food it is.
 */
export interface FoodProfile extends FeedProfile {
  /** The model family in core/dynamics that drives it. */
  family: FamilyId
}

export interface Caution {
  id: string
  text: string
}

export interface MethodStep {
  text: string
  /** A wait that starts when the step is done, minutes. */
  clockMinutes?: number
  cautions?: readonly Caution[]
  /** Days after which what it is done for is seen, at the soonest and at the latest. */
  seenAfterDays?: readonly [from: number, to: number]
}

/** Units of materials in a unit of something. */
export type Takes = Readonly<Partial<Record<MaterialId, number>>>

/** What goes into a vessel, per litre of it; spoons are worked out from the density. `each` is counted, not weighed. */
export interface Measure {
  what: string
  /** What of the stores a unit of it takes, in the units of those; none where nobody keeps it. */
  takes?: Takes
  unit: 'mL' | 'g' | 'each'
  perL: number
  /** Loose density of a powder, g/mL. */
  gPerMl?: number
  /** It is told as nitrogen: what of a plant food that is, its label says. */
  nitrogen?: boolean
  /** Does not scale with the vessel: one lid, one stone. */
  fixed?: boolean
  /** Salt that a unit of it brings, g: 1 for salt by the gram, its strength for what swims in salt water. */
  saltG?: number
  /** It is the starter: not bought where a culture of it runs. */
  starter?: boolean
  /** Must be bought: it stands on the shopping list. */
  buy?: boolean
}

/** Order of a round: pure and marine cultures first, tanks last. */
export const HYGIENE = [
  'marine',
  'pure',
  'green-water',
  'cladocerans',
  'rotifers',
  'worms',
  'brine',
] as const
export type HygieneClass = (typeof HYGIENE)[number]

/** What the method does by itself while it runs: at these hours, when the condition holds. */
export interface Upkeep {
  action: ActionKind
  amount?: number
  unit?: AmountUnit
  everyH: number
  fromDay: number
  /** Only when a state value is below a bound, such as suspended food that has cleared. */
  whenBelow?: { key: string; value: number }
}

/** How a vessel that hatches is emptied: at once, at two rounds, one or the other as it suits, or a little at each round. */
export type HatchPulls = 'one' | 'two' | 'one-or-two' | 'each'

export interface FoodMethod {
  id: string
  name: string
  /** What this school does differently, in one sentence. */
  about: string
  materials: readonly string[]
  vesselRule: string
  airRule: string
  waterRule: string
  measures: readonly Measure[]
  /** A mix that may stand ready instead of some of them: so much of it a litre, mL, in place of these. */
  premixed?: { of: MaterialId; perL: number; covers: readonly string[] }
  /** Share of the vessel that the usual starter takes, and the least that is worth trying. */
  starterShare: number
  leastStarterShare: number
  start: readonly MethodStep[]
  harvest: readonly MethodStep[]
  /** Null where nothing is ever added. */
  feed: FeedRule | null
  feedingRule: string
  harvestRule: string
  renewRule: string
  /** Day after which the method card renews, whatever the looks. */
  renewAfterDays: number
  hygiene: HygieneClass
  /** Factors of this school on the parameters of the family, and values it sets. */
  factors: Readonly<Record<string, number>>
  sets: Readonly<Record<string, number>>
  upkeep: readonly Upkeep[]
  /** A plug of floss stands in the neck. */
  plug?: boolean
  /** Salt of the whole vessel, g/L; none where it is fresh. */
  salinityGPerL?: number
  /** What it is topped up with; aged water where nothing is said. */
  topUp?: Water
  /** Chance that a start of this school fails before it is ready, where neither family nor factors say it. */
  failure?: number
  /** Of a food that hatches. */
  pulls?: HatchPulls
  /** What hatches is rinsed before it is fed; true where nothing is said. */
  rinsed?: boolean
  /** Usual vessel. */
  vessel: { volumeL: number; depthCm: number; widthCm: number; matterGPerL: number }
}

/** A grade of what is seen, with what it means for the yield. */
export interface HarvestSign {
  id: string
  name: string
  looks: string
  yieldShare: number
}

/** Words for the grades of a sign, from 0 up. */
export type SignWords = Partial<Record<Sign, readonly string[]>>

/** What a culture is fed, and when. */
export interface FeedRule {
  what: string
  /** What of the stores a unit of it takes. */
  takes?: Takes
  unit: Measure['unit']
  perL: number
  gPerMl?: number
  /** `clear`: once the water has cleared; `thin`: when it thins or is spent; `every`: so many days after the last time. */
  when: 'clear' | 'thin' | 'every'
  everyDays?: number
  /** It is fed on another culture: this food. */
  foodId?: string
}

/** How a starter is bought: what it takes, and when it can be had. */
export interface Buying {
  leadDays: number
  price: number
  apartDays: number
  /** Months, 1 to 12. */ months: readonly number[]
}

/** What is said of causes of trouble, by cause. */
export type FoodAdvice = Readonly<
  Record<string, Readonly<{ name?: string; action?: string; confirm?: string }>>
>

/** A look that makes a culture harmful to feed out, from a grade on. */
export interface Foul {
  sign: Sign
  from: number
  refusal: RefusalId
}

/** When a start of grown and half-grown animals has its first young: days from and to, at a temperature. */
export interface FirstYoung {
  days: readonly [from: number, to: number]
  atC: number
}

export interface Food {
  profile: FoodProfile
  parameters: ParameterSet<Record<string, number>>
  methods: readonly FoodMethod[]
  signs: SignWords
  /** How a harvest looks in the cup. */
  harvestSigns: readonly HarvestSign[]
  /** Kinds of one food with parameters of their own; the first is the usual one. */
  kinds: readonly { id: string; name: string; parameters: Readonly<Record<string, number>> }[]
  /** For redundancy: chance that a new culture fails before it is ready, and log spread of the time to ready (working estimates). */
  reliability: { failure: number; readyLogSd: number }
  /** Least plant matter that ever makes it ready, g/L. */
  leastMatterGPerL?: number
  /** Looks that must not reach fry. */
  foul?: readonly Foul[]
  /** Waters that harm it when they are fresh. */
  harmfulWater?: readonly Water[]
  /** What swims in it and belongs there. */
  own?: readonly Stranger[]
  /** What a cause looks like and is confirmed by in this food, where it differs from the usual. */
  advice?: FoodAdvice
  /** It is worked with acid: kept apart from bleach in place and time. */
  acid?: boolean
  /** Hours that an aerated vessel of it lasts without air; null or none where it needs none (working estimates). */
  withoutAirH?: number | null
  /** Where a starter of it is not bought like most others. */
  buying?: Buying
  /** When a start of it has its first young, where that tells whether it took. */
  firstYoung?: FirstYoung
  /** Living range, degC. */
  rangeC: readonly [lo: number, hi: number]
  /** Where a vessel of it is to be called as too warm sooner than at the end of that range, degC. */
  alarmHighC?: number
}
