import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { ConsumerParams } from '../../dynamics/consumer/parameters'

/** Daphnia magna on yeast, from two animals a litre. */
export const parameters: ParameterSet<ConsumerParams> = {
  iMax: parameter(
    1.05,
    SPREAD.rate,
    '1/d',
    'household fit around ecotoxicology texts and culture papers, working estimate',
  ),
  kf: parameter(2, 0, 'mg/L'),
  rho: parameter(0.1, SPREAD.rate, '1/d'),
  q10: parameter(2.2, 0, 'Q10'),
  tRef: parameter(20, 0, '°C'),
  tCap: parameter(22, 0, '°C'),
  tMax: parameter(27, 0, '°C'),
  dryMg: parameter(0.1, 0, 'mg'),
  limit: parameter(300, SPREAD.capacity, 'per L'),
  readyAt: parameter(37, 0, 'per L'),
  n0: parameter(2, SPREAD.starter, 'per L'),
  assimilation: parameter(0.42, 0, 'mg/mg'),
  settling: parameter(1.0, 0, '1/d'),
  rotting: parameter(0.3, 0, '1/d'),
  overfed: parameter(40, 0, 'mg/L'),
  dose: parameter(8, 0, 'mg/L'),
  clear: parameter(3, 0, 'mg/L'),
  risk: parameter(1, 0, 'factor'),
  tanLoss: parameter(0.5, 0, '1/d'),
  red: parameter(0, 0, 'grades'),
  badWater: parameter(0, 0, 'share'),
}
