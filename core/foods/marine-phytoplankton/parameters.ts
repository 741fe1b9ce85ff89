import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { PhototrophParams } from '../../dynamics/phototroph/parameters'

/** Nannochloropsis in f/2 medium, one part of starter in two and a half; the other kinds stand in index.ts. */
export const parameters: ParameterSet<PhototrophParams> = {
  muMax: parameter(
    0.75,
    SPREAD.rate,
    '1/d at 22 °C',
    'household fit around phycology texts, working estimate',
  ),
  ki: parameter(50, 0, 'µmol/m2/s'),
  kn: parameter(0.05, 0, 'mg N/L'),
  yield: parameter(15, 0, 'mg per mg N'),
  k: parameter(0.2, 0, 'L/(mg m)'),
  kw: parameter(0.3, 0, '1/m'),
  i0: parameter(150, 0, 'µmol/m2/s'),
  litH: parameter(16, 0, 'h'),
  n0: parameter(12.4, 0, 'mg N/L'),
  x0: parameter(48, SPREAD.starter, 'mg/L'),
  lag: parameter(1, SPREAD.rate, 'd'),
  resp: parameter(0.05, 0, '1/d'),
  q10: parameter(2, 0, 'Q10'),
  tOpt: parameter(25, 0, '°C'),
  tMax: parameter(32, 0, '°C'),
  readyAt: parameter(160, 0, 'mg/L'),
  wanted: parameter(120, 0, 'mg/L'),
  openHazard: parameter(0.002, 0, '1/d'),
  waterN: parameter(1, 0, 'of medium'),
  cellUg: parameter(6.1e-6, 0, 'µg'),
}
