import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { SuccessionParams } from '../../dynamics/succession/parameters'

/** A jar of scalded plant matter with old tank water; rates at 22 °C. */
export const parameters: ParameterSet<SuccessionParams> = {
  hydrolysis: parameter(0.19, SPREAD.rate, '1/d'),
  mu: parameter(4.36, SPREAD.rate, '1/d'),
  ks: parameter(20, 0, 'mg/L'),
  yield: parameter(0.35, 0, 'mg/mg'),
  graze: parameter(3.13, SPREAD.rate, '1/d'),
  kb: parameter(22, 0, 'mg/L'),
  growthShare: parameter(0.355, 0, 'mg/mg'),
  deathB: parameter(0.546, 0, '1/d'),
  deathC: parameter(0.127, 0, '1/d'),
  recycled: parameter(0.63, 0, 'share'),
  qCiliates: parameter(2.2, 0, 'Q10'),
  matterPerG: parameter(1000, 0, 'mg per g'),
  s0: parameter(5, 0, 'mg/L'),
  b0: parameter(0.5, 0, 'mg/L'),
  c0: parameter(0.24, SPREAD.starter, 'mg/L'),
  loss: parameter(0, 0, '1/d'),
  failure: parameter(0.33, 0, 'share'),
  foul: parameter(0, 0, 'flag'),
  dryUg: parameter(0.008, 0, 'µg'),
  tMax: parameter(35, 0, '°C'),
}
