import type { Family } from '../contract'
import type { PhototrophParams } from './parameters'
import { ail } from './ail'
import { balance, look, readiness, stage, stock, surplusPerDay, yieldRatio } from './read'
import { copy, act, start, step, type PhototrophState } from './step'

/** Green water and marine phytoplankton: cells in a lit vessel that shade each other. */
export const phototroph: Family<PhototrophParams, PhototrophState> = {
  id: 'phototroph',
  start,
  step,
  act,
  copy,
  nudge: (s, f) => {
    s.x *= f
  },
  look,
  stage,
  readiness,
  stock,
  surplusPerDay,
  yieldRatio,
  ail,
  balance,
  usualFeed: p => ({ amount: p.n0 / 4, unit: 'mgPerL' }),
  roles: { growth: 'muMax', lag: 'lag' },
}
