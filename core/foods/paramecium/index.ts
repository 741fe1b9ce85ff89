import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const paramecium: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['ciliates'],
  kinds: [],
  foul: [{ sign: 'cloudiness', from: 1.5, refusal: 'cloudy' }],
  harmfulWater: ['tap'],
  reliability: { failure: 0.15, readyLogSd: 0.15 },
  rangeC: [8, 33],
}
