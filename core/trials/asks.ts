import type { TrialAsk } from '../records/vocabulary'
import type { TrialMeasure } from './arms'

/** What stands side by side. */
export const TRIAL_KINDS = ['culture', 'hatch', 'diet', 'gel', 'hand'] as const
export type TrialKind = (typeof TRIAL_KINDS)[number]

/** Kinds of which who looks need not know which is which; diets and work are done by who knows. */
export const LOOKED_AT_BLIND: readonly TrialKind[] = ['culture', 'hatch']

/** What is asked of a vessel: of which kind of trial, what a value of it is, and where it comes from. */
export interface Ask {
  kind: TrialKind
  measure: TrialMeasure
  /** Of a value; empty for a share. */
  unit: string
  /** Read out of the log; null where it is measured by hand alone. */
  from: 'culture' | 'hatch' | 'brood' | null
  /** It is read for one day. */
  onDay: boolean
}
const byHand = { from: null, onDay: false } as const
const read = (from: Ask['from'], onDay = false) => ({ from, onDay })

export const ASKS: Readonly<Record<TrialAsk, Ask>> = {
  'ready-day': { kind: 'culture', measure: 'time', unit: 'd', ...read('culture') },
  'density': { kind: 'culture', measure: 'amount', unit: '/mL', ...read('culture', true) },
  'per-gram': { kind: 'culture', measure: 'amount', unit: '/g', ...read('culture', true) },
  'per-cost': { kind: 'culture', measure: 'amount', unit: '', ...read('culture', true) },
  'hatched': { kind: 'hatch', measure: 'share', unit: '', ...read('hatch') },
  'nauplius-size': { kind: 'hatch', measure: 'amount', unit: 'µm', ...byHand },
  'pull-hours': { kind: 'hatch', measure: 'time', unit: 'h', ...read('hatch') },
  'growth': { kind: 'diet', measure: 'amount', unit: 'mm/d', ...read('brood') },
  'survival': { kind: 'diet', measure: 'share', unit: '', ...read('brood') },
  'kept-whole': { kind: 'gel', measure: 'share', unit: '', ...byHand },
  'box-days': { kind: 'gel', measure: 'amount', unit: 'd', ...byHand },
  'minutes': { kind: 'hand', measure: 'time', unit: 'min', ...byHand },
}
