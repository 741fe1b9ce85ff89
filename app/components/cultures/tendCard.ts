import type { Refusal } from '@renatus/core/planning/refusals'
import type { Reason } from '@renatus/core/reasons/reason'

/** One thing to do at a vessel, as its card shows it: a sentence with its amount, why, and what speaks against it. */
export interface TendCard {
  title: string
  verb: string
  amount?: string
  rest?: string
  because?: string
  why?: Reason | null
  refusals?: readonly Refusal[]
  /** What may be changed: unit of the number that is typed, what was proposed, and bounds. */
  unit?: string
  proposed?: number | null
  most?: number
  strong?: boolean
}
