import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { LogisticParams } from '../../dynamics/logistic/parameters'

/** Moist peat, cool, fed weekly. */
export const parameters: ParameterSet<LogisticParams> = {
  rOpt: parameter(
    0.055,
    SPREAD.rate,
    '1/d',
    'household fit around nematode and oligochaete culture papers, working estimate',
  ),
  tMin: parameter(2, 0, '°C'),
  tOpt: parameter(16, 0, '°C'),
  tMax: parameter(24, 0, '°C'),
  tau: parameter(90, SPREAD.rate, 'd'),
  qT: parameter(2, 0, 'Q10'),
  tRef: parameter(15, 0, '°C'),
  lag: parameter(8, SPREAD.rate, 'd'),
  x0: parameter(0.03, SPREAD.starter, 'of capacity'),
  death: parameter(0.08, SPREAD.rate, '1/d'),
  readyAt: parameter(0.3, 0, 'of capacity'),
  capacity: parameter(30, SPREAD.capacity, 'per cm2'),
  perArea: parameter(1, 0, 'flag'),
  qFeed: parameter(0.1, 0, 'of the medium'),
  dryUg: parameter(1500, 0, 'µg'),
  failure: parameter(0.15, 0, 'share'),
  crashPerWeek: parameter(0.01, 0, 'share'),
  surface: parameter(0, 0, 'cm2 per L'),
  roused: parameter(1, 0, 'factor'),
  reach: parameter(1, 0, 'share'),
}
