import { parameter, SPREAD, type ParameterSet } from '../../dynamics/parameter'
import type { PhototrophParams } from '../../dynamics/phototroph/parameters'

/** A lit jar with plant food, from a cup of green water. */
export const parameters: ParameterSet<PhototrophParams> = {
  muMax: {
    ...parameter(
      1.1,
      SPREAD.rate,
      '1/d at 22 °C',
      'household fit around phycology texts, working estimate',
    ),
    // The book's jar stands in full light for 16 h. Jars at home get less far more often than more (working estimate).
    roomLogShift: -0.18,
  },
  ki: parameter(40, 0, 'µmol/m2/s'),
  kn: parameter(0.05, 0, 'mg N/L'),
  yield: parameter(15, 0, 'mg per mg N'),
  k: parameter(0.2, 0, 'L/(mg m)'),
  kw: parameter(0.3, 0, '1/m'),
  i0: parameter(150, 0, 'µmol/m2/s'),
  litH: parameter(16, 0, 'h'),
  n0: parameter(12, 0, 'mg N/L'),
  x0: parameter(2.5, SPREAD.starter, 'mg/L'),
  lag: parameter(0.5, SPREAD.rate, 'd'),
  resp: parameter(0.05, 0, '1/d'),
  q10: parameter(2, 0, 'Q10'),
  tOpt: parameter(28, 0, '°C'),
  tMax: parameter(36, 0, '°C'),
  readyAt: parameter(15, 0, 'mg/L'),
  wanted: parameter(60, 0, 'mg/L'),
  openHazard: parameter(0.002, 0, '1/d'),
  waterN: parameter(1, 0, 'of medium'),
  cellUg: parameter(2e-5, 0, 'µg'),
}
