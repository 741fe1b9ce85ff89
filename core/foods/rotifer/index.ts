import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const rotifer: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['rotifers'],
  kinds: [
    { id: 'large', name: 'large strain', parameters: {} },
    {
      id: 'small',
      name: 'small strain',
      parameters: { iMax: 2.4, dryMg: 0.00018, limit: 400_000, tCap: 32, tMax: 38 },
    },
  ],
  harmfulWater: ['tap'],
  withoutAirH: 6,
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [12, 35],
}
