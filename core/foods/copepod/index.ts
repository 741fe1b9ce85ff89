import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const copepod: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['copepods'],
  kinds: [],
  harmfulWater: ['tap'],
  withoutAirH: 12,
  reliability: { failure: 0.2, readyLogSd: 0.25 },
  rangeC: [15, 33],
}
