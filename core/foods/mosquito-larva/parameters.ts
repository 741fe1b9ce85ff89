import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { StageClockParams } from '../../dynamics/stageClock/parameters'

/** Culex in a bucket of leaves; degree-days above 10 °C from the first evening. */
export const parameters: ParameterSet<StageClockParams> = {
  baseC: parameter(
    10,
    0,
    '°C',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  maxC: parameter(
    32,
    0,
    '°C',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  hatch: parameter(
    25,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  instar1: parameter(
    27,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  instar2: parameter(
    49,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  instar3: parameter(
    77,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  advisedLast: parameter(
    75,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  firstPupa: parameter(
    95,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  meanPupa: parameter(
    132,
    0,
    'degree-days',
    'development-rate literature incl. Rueda et al. 1990; working estimate',
  ),
  perLitre: parameter(30, SPREAD.starter, 'per L'),
  deathPerDay: parameter(0.05, SPREAD.rate, '1/d'),
  failure: parameter(0.2, 0, 'share'),
  dry1: parameter(15, 0, 'µg'),
  dry2: parameter(65, 0, 'µg'),
  dry3: parameter(250, 0, 'µg'),
}
