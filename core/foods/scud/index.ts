import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const scud: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['worms', 'copepods'],
  kinds: [],
  harmfulWater: ['conditioned', 'tap'],
  reliability: { failure: 0.05, readyLogSd: 0.2 },
  rangeC: [6, 29],
}
