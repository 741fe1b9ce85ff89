import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { ConsumerParams } from '../../dynamics/consumer/parameters'

/** The large strain on algae paste, from ten a mL. */
export const parameters: ParameterSet<ConsumerParams> = {
  iMax: parameter(
    2.2,
    SPREAD.rate,
    '1/d',
    'household fit around ecotoxicology texts and culture papers, working estimate',
  ),
  kf: parameter(2, 0, 'mg/L'),
  rho: parameter(0.25, SPREAD.rate, '1/d'),
  q10: parameter(2.2, 0, 'Q10'),
  tRef: parameter(25, 0, '°C'),
  tCap: parameter(30, 0, '°C'),
  tMax: parameter(36, 0, '°C'),
  dryMg: parameter(0.0003, 0, 'mg'),
  limit: parameter(300000, SPREAD.capacity, 'per L'),
  readyAt: parameter(150000, 0, 'per L'),
  n0: parameter(10000, SPREAD.starter, 'per L'),
  assimilation: parameter(0.45, 0, 'mg/mg'),
  settling: parameter(0.3, 0, '1/d'),
  rotting: parameter(0.15, 0, '1/d'),
  overfed: parameter(200, 0, 'mg/L'),
  dose: parameter(30, 0, 'mg/L'),
  clear: parameter(5, 0, 'mg/L'),
  risk: parameter(0.6, 0, 'factor'),
  tanLoss: parameter(0.5, 0, '1/d'),
  red: parameter(0, 0, 'grades'),
  badWater: parameter(0, 0, 'share'),
}
