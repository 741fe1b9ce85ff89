import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { LogisticParams } from '../../dynamics/logistic/parameters'

/** Half cider vinegar, half water, a fifth of starter, of whose worms half take. */
export const parameters: ParameterSet<LogisticParams> = {
  rOpt: parameter(
    0.17,
    SPREAD.rate,
    '1/d',
    'household fit around nematode and oligochaete culture papers, working estimate',
  ),
  tMin: parameter(8, 0, '°C'),
  tOpt: parameter(27, 0, '°C'),
  tMax: parameter(34, 0, '°C'),
  tau: parameter(330, SPREAD.rate, 'd'),
  qT: parameter(1.4, 0, 'Q10'),
  tRef: parameter(22, 0, '°C'),
  lag: parameter(2, SPREAD.rate, 'd'),
  x0: parameter(0.08, SPREAD.starter, 'of capacity'),
  death: parameter(0.03, SPREAD.rate, '1/d'),
  readyAt: parameter(0.4, 0, 'of capacity'),
  capacity: parameter(200, SPREAD.capacity, 'per mL'),
  perArea: parameter(0, 0, 'flag'),
  qFeed: parameter(0.3, 0, 'of the medium'),
  dryUg: parameter(0.15, 0, 'µg'),
  failure: parameter(0.1, 0, 'share'),
  crashPerWeek: parameter(0.005, 0, 'share'),
  surface: parameter(64, 0, 'cm2 per L'),
  roused: parameter(3, 0, 'factor'),
  reach: parameter(0.12, 0, 'share'),
}
