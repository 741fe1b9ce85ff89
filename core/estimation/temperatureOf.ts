import type { Observation } from './observation'

/** Temperature by the readings, each holding until the next. */
export function temperatureOf(
  observations: readonly Observation[],
  setC: number,
): (day: number) => number {
  const read = observations.filter(o => o.kind === 'temperature')
  return day => read.findLast(t => t.h <= day * 24 + 1e-9)?.c ?? setC
}
