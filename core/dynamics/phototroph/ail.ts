import type { Ailment } from '../contract'
import type { PhototrophParams } from './parameters'
import type { PhototrophState } from './step'

/** Loss to rotifers or ciliates that got in, 1/d. */
const GRAZED = 1.2
const OLD_D = 40

export function ail(s: PhototrophState, p: PhototrophParams, ailment: Ailment): boolean {
  switch (ailment) {
    case 'starved':
      s.n = Math.min(s.n, 0.02 * p.n0)
      s.spentD = Math.max(s.spentD, 3)
      return true
    case 'old':
      s.sterileD += OLD_D
      return true
    case 'dense':
      s.x = Math.max(s.x, 0.95 * s.limit)
      return true
    case 'contaminated':
      s.grazed = GRAZED
      return true
    case 'poisoned':
      s.crashed = true
      return true
    case 'overfed':
      return false
  }
}
