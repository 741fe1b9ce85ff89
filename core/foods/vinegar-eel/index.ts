import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const vinegarEel: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['worms'],
  kinds: [],
  acid: true,
  harmfulWater: ['tap'],
  reliability: { failure: 0.1, readyLogSd: 0.25 },
  rangeC: [9, 33],
}
