import type { Ailment } from '../contract'
import { BAD_LOSS, type SuccessionParams } from './parameters'
import type { SuccessionState } from './step'

const SURVIVE = 0.03
/** What too much matter adds at once, mg/L of substrate and bacteria. */
const GLUT = { s: 40, b: 60 } as const

export function ail(st: SuccessionState, _p: SuccessionParams, ailment: Ailment): boolean {
  switch (ailment) {
    case 'starved':
      st.b = Math.min(st.b, 1)
      st.m *= 0.1
      return true
    case 'old':
      st.m *= 0.05
      return true
    case 'overfed':
      st.s += GLUT.s
      st.b += GLUT.b
      return true
    case 'contaminated':
      st.loss = Math.max(st.loss, (BAD_LOSS[0] + BAD_LOSS[1]) / 2)
      st.turned = true
      return true
    case 'poisoned':
      st.c *= SURVIVE
      st.turned = true
      return true
    case 'dense':
      return false
  }
}
