import type { Food } from '../contract'
import { LEAST_MATTER } from '../../dynamics/succession/parameters'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const infusoria: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['ciliates', 'rotifers'],
  kinds: [],
  leastMatterGPerL: LEAST_MATTER,
  foul: [{ sign: 'cloudiness', from: 1.5, refusal: 'cloudy' }],
  harmfulWater: ['tap'],
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [8, 34],
}
