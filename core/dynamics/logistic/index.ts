import type { Family } from '../contract'
import type { LogisticParams } from './parameters'
import { ail } from './ail'
import { look, readiness, stage, stock, surplusPerDay, yieldRatio } from './read'
import { copy, type LogisticState } from './state'
import { act, start, step, steps } from './step'

/** Worms, vinegar eels, paramecium, scuds: a population that grows on a medium that ages. */
export const logistic: Family<LogisticParams, LogisticState> = {
  id: 'logistic',
  start,
  step,
  steps,
  act,
  copy,
  nudge: (s, f) => {
    s.x = Math.min(1, s.x * f)
  },
  look,
  stage,
  readiness,
  stock,
  surplusPerDay,
  yieldRatio,
  ail,
  balance: () => null,
  usualFeed: () => ({ amount: 1, unit: 'share' }),
  roles: { growth: 'rOpt', lag: 'lag', capacity: 'capacity' },
}
