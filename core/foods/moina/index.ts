import { FLEA_SEASON } from '../buying'
import type { Food } from '../contract'
import { CLADOCERAN_KINDS } from '../cladoceranSigns'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const moina: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['fleas'],
  kinds: CLADOCERAN_KINDS,
  harmfulWater: ['conditioned', 'tap'],
  buying: FLEA_SEASON,
  firstYoung: { days: [3, 5], atC: 26 },
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [12, 34],
}
