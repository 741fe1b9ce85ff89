import type { Family } from '../contract'
import type { ConsumerParams } from './parameters'
import { ail } from './ail'
import { balance, look, readiness, stage, stock, surplusPerDay, yieldRatio } from './read'
import { copy, act, start, step, type ConsumerState } from './step'

/** Daphnia, Moina, rotifers: animals on suspended food, which settles and rots. */
export const consumer: Family<ConsumerParams, ConsumerState> = {
  id: 'consumer',
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
  usualFeed: p => ({ amount: p.dose, unit: 'mgPerL' }),
  roles: { growth: 'iMax', capacity: 'limit' },
}
