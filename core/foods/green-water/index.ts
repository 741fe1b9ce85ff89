import { algaeAdvice } from '../algaeAdvice'
import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const greenWater: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  advice: algaeAdvice,
  kinds: [],
  withoutAirH: 24,
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [8, 35],
}
