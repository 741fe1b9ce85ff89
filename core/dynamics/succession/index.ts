import type { Family } from '../contract'
import type { SuccessionParams } from './parameters'
import { ail } from './ail'
import { balance, look, readiness, stage, stock, surplusPerDay, yieldRatio } from './read'
import { copy, act, USUAL_FEED, start, step, type SuccessionState } from './step'

/** Infusoria: bacteria bloom on plant matter, ciliates clear them away. */
export const succession: Family<SuccessionParams, SuccessionState> = {
  id: 'succession',
  start,
  step,
  act,
  copy,
  nudge: (s, f) => {
    s.c *= f
  },
  look,
  stage,
  readiness,
  stock,
  surplusPerDay,
  yieldRatio,
  ail,
  balance,
  usualFeed: () => ({ amount: USUAL_FEED, unit: 'mgPerL' }),
  roles: { growth: 'graze' },
}
