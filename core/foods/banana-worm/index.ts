import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const bananaWorm: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['worms'],
  kinds: [],
  reliability: { failure: 0.1, readyLogSd: 0.2 },
  rangeC: [10, 34],
}
