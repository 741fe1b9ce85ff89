import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { LogisticParams } from '../../dynamics/logistic/parameters'

/** A sterile jar with boiled grains. */
export const parameters: ParameterSet<LogisticParams> = {
  rOpt: parameter(
    0.82,
    SPREAD.rate,
    '1/d',
    'household fit around protozoology texts, working estimate',
  ),
  tMin: parameter(5, 0, '°C'),
  tOpt: parameter(27, 0, '°C'),
  tMax: parameter(34, 0, '°C'),
  tau: parameter(33, SPREAD.rate, 'd'),
  qT: parameter(2, 0, 'Q10'),
  tRef: parameter(24, 0, '°C'),
  lag: parameter(0.5, SPREAD.rate, 'd'),
  x0: parameter(0.05, SPREAD.starter, 'of capacity'),
  death: parameter(0.3, SPREAD.rate, '1/d'),
  readyAt: parameter(0.6, 0, 'of capacity'),
  capacity: parameter(400, SPREAD.capacity, 'per mL'),
  perArea: parameter(0, 0, 'flag'),
  qFeed: parameter(0.25, 0, 'of the medium'),
  dryUg: parameter(0.07, 0, 'µg'),
  failure: parameter(0.15, 0, 'share'),
  crashPerWeek: parameter(0.02, 0, 'share'),
  surface: parameter(0, 0, 'cm2 per L'),
  roused: parameter(1, 0, 'factor'),
  reach: parameter(1, 0, 'share'),
}
