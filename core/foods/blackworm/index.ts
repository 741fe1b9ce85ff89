import { USUAL_BUYING } from '../buying'
import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const blackworm: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['worms'],
  kinds: [],
  harmfulWater: ['tap'],
  withoutAirH: 8,
  buying: {
    ...USUAL_BUYING,
    leadDays: 7,
    price: 15,
    apartDays: 7,
    months: [1, 2, 3, 4, 5, 9, 10, 11, 12],
  },
  reliability: { failure: 0.05, readyLogSd: 0.2 },
  rangeC: [5, 28],
}
