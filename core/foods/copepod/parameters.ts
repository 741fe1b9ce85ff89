import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { ConsumerParams } from '../../dynamics/consumer/parameters'

/** On live algae, from one in three mL. */
export const parameters: ParameterSet<ConsumerParams> = {
  iMax: parameter(
    1.1,
    SPREAD.rate,
    '1/d',
    'growth of small cyclopoids around 0.3 a day (Drillet et al. 2011), working estimate',
  ),
  kf: parameter(0.8, 0, 'mg/L'),
  rho: parameter(0.12, SPREAD.rate, '1/d'),
  q10: parameter(2.2, 0, 'Q10'),
  tRef: parameter(26, 0, '°C'),
  tCap: parameter(30, 0, '°C'),
  tMax: parameter(35, 0, '°C'),
  dryMg: parameter(0.0007, 0, 'mg'),
  limit: parameter(12000, SPREAD.capacity, 'per L'),
  readyAt: parameter(4000, 0, 'per L'),
  n0: parameter(400, SPREAD.starter, 'per L'),
  assimilation: parameter(0.5, 0, 'mg/mg'),
  settling: parameter(0.1, 0, '1/d'),
  rotting: parameter(0.05, 0, '1/d'),
  overfed: parameter(1e9, 0, 'mg/L'),
  dose: parameter(4, 0, 'mg/L'),
  clear: parameter(1.5, 0, 'mg/L'),
  risk: parameter(0.6, 0, 'factor'),
  tanLoss: parameter(0.5, 0, '1/d'),
  red: parameter(0, 0, 'grades'),
  badWater: parameter(0, 0, 'share'),
}
