import type { Ailment } from '../contract'
import type { LogisticParams } from './parameters'
import type { LogisticState } from './state'

/** Quality of a medium nobody fed, and of one that should have been renewed. */
const STARVED_Q = 0.25
const OLD_Q = 0.4
const CROWD = 2.5
const SURVIVE = 0.03

export function ail(s: LogisticState, _p: LogisticParams, ailment: Ailment): boolean {
  switch (ailment) {
    case 'starved':
      s.q = Math.min(s.q, STARVED_Q)
      return true
    case 'old':
      s.q = Math.min(s.q, OLD_Q)
      return true
    case 'dense':
      s.x = Math.min(1, s.x * CROWD)
      return true
    // Too much food sours, and what sours is lost like what mould takes.
    case 'overfed':
    case 'contaminated':
      s.badAtD = Math.min(s.badAtD, s.ageD)
      return true
    case 'poisoned':
      s.x *= SURVIVE
      return true
  }
}
