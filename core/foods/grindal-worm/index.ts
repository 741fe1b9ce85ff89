import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const grindalWorm: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['worms'],
  kinds: [],
  harmfulWater: ['tap'],
  reliability: { failure: 0.15, readyLogSd: 0.2 },
  rangeC: [12, 30],
}
