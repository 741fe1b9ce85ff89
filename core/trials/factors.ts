import type { MadeField } from '../stock/madeWords'
import type { TrialKind } from './asks'

/** The one thing in which the arms of a trial differ. */
export interface Factor {
  /** In the words of the record. */
  name: string
  kinds: readonly TrialKind[]
  /** What an arm is: something to choose, a number of hours, or words of the room. */
  arm: 'method' | 'lot' | 'hours' | 'words'
  /** Where a start remembers it. */
  made: MadeField | null
}
const words = { arm: 'words' } as const

export const FACTORS = {
  matter: { name: 'matter', kinds: ['culture'], ...words, made: 'matter' },
  school: { name: 'school', kinds: ['culture'], arm: 'method', made: null },
  water: { name: 'water', kinds: ['culture', 'hatch'], ...words, made: 'water' },
  medium: { name: 'medium', kinds: ['culture'], ...words, made: 'medium' },
  lot: { name: 'lot of cysts', kinds: ['hatch'], arm: 'lot', made: null },
  hours: { name: 'hours of the pull', kinds: ['hatch'], arm: 'hours', made: null },
  diet: { name: 'diet', kinds: ['diet', 'gel'], ...words, made: null },
  way: { name: 'way of doing it', kinds: ['gel', 'hand', 'hatch'], ...words, made: null },
  light: { name: 'light', kinds: ['culture', 'hatch'], ...words, made: null },
} as const satisfies Record<string, Factor>
export type FactorId = keyof typeof FACTORS
export const FACTOR_IDS = Object.keys(FACTORS) as FactorId[]
export const factorOf = (id: FactorId): Factor => FACTORS[id]
/** What a record calls its factor; null for one that this version does not know. */
export const factorNamed = (name: string): FactorId | null =>
  FACTOR_IDS.find(id => FACTORS[id].name === name) ?? null
