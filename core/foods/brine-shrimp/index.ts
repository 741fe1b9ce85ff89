import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const brineShrimp: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  kinds: [],
  withoutAirH: 3,
  reliability: { failure: 0.03, readyLogSd: 0.08 },
  rangeC: [15, 34],
  alarmHighC: 32,
}
