import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { LogisticParams } from '../../dynamics/logistic/parameters'

/** A planted tub. */
export const parameters: ParameterSet<LogisticParams> = {
  rOpt: parameter(0.045, SPREAD.rate, '1/d', 'working estimate'),
  tMin: parameter(5, 0, '°C'),
  tOpt: parameter(22, 0, '°C'),
  tMax: parameter(30, 0, '°C'),
  tau: parameter(300, SPREAD.rate, 'd'),
  qT: parameter(1.5, 0, 'Q10'),
  tRef: parameter(20, 0, '°C'),
  lag: parameter(5, SPREAD.rate, 'd'),
  x0: parameter(0.1, SPREAD.starter, 'of capacity'),
  death: parameter(0.02, SPREAD.rate, '1/d'),
  readyAt: parameter(0.5, 0, 'of capacity'),
  capacity: parameter(1, SPREAD.capacity, 'per cm2'),
  perArea: parameter(1, 0, 'flag'),
  qFeed: parameter(0.05, 0, 'of the medium'),
  dryUg: parameter(2000, 0, 'µg'),
  failure: parameter(0.05, 0, 'share'),
  crashPerWeek: parameter(0.005, 0, 'share'),
  surface: parameter(0, 0, 'cm2 per L'),
  roused: parameter(1, 0, 'factor'),
  reach: parameter(1, 0, 'share'),
}
