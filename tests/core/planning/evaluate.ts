import { expect } from 'vitest'
import type { Reason } from '@renatus/core/reasons/reason'

/** Works a reason's formula out from its inputs, as a reader would, and compares. */
export function compare(why: Reason, value: number): void {
  const keys = why.inputs.map(i => i.key)
  const compute = new Function(
    ...keys.map(k => (k === 'new' ? 'new_' : k)),
    `return ${why.formula.replace(/\bnew\b/g, 'new_')}`,
  ) as (...v: number[]) => number
  expect(compute(...why.inputs.map(i => i.value))).toBeCloseTo(value, 6)
  expect(why.result.value).toBeCloseTo(value, 6)
}
