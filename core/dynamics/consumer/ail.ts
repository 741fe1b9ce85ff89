import type { Ailment } from '../contract'
import type { ConsumerParams } from './parameters'
import { crash, type ConsumerState } from './step'

/** Loss to hydra, dragonfly larvae or fish that got in, 1/d. */
const PREYED = 0.6
const CROWD = 2.5
/** Ammonia of water that was never changed, mg/L. */
const STALE_TAN = 6
/** Beyond the limit at which food turns. */
const GLUT = 1.3

export function ail(s: ConsumerState, p: ConsumerParams, ailment: Ailment): boolean {
  switch (ailment) {
    case 'starved':
      s.f = 0
      s.d = 0
      return true
    // What lives does not turn: nobody overfeeds with green water.
    case 'overfed': {
      if (p.overfed > 1e6) return false
      s.f += p.overfed * GLUT
      return true
    }
    case 'dense':
      s.x *= CROWD
      return true
    case 'contaminated':
      s.preyed = PREYED
      return true
    case 'poisoned':
      if (!s.crashed) crash(s)
      return true
    case 'old':
      s.a += STALE_TAN
      return true
  }
}
