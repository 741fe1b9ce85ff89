import { FLEA_SEASON } from '../buying'
import type { Food } from '../contract'
import { CLADOCERAN_KINDS } from '../cladoceranSigns'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const daphniaPulex: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['fleas'],
  kinds: CLADOCERAN_KINDS,
  harmfulWater: ['conditioned', 'tap'],
  buying: FLEA_SEASON,
  firstYoung: { days: [4, 7], atC: 20 },
  reliability: { failure: 0.15, readyLogSd: 0.2 },
  rangeC: [6, 28],
}
