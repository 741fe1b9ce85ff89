import { algaeAdvice } from '../algaeAdvice'
import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const marinePhytoplankton: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  advice: algaeAdvice,
  kinds: [
    { id: 'nannochloropsis', name: 'Nannochloropsis', parameters: {} },
    {
      id: 'tetraselmis',
      name: 'Tetraselmis',
      parameters: { muMax: 0.7, ki: 60, yield: 16, k: 0.15, tOpt: 22, tMax: 30, cellUg: 2e-4 },
    },
    { id: 'isochrysis', name: 'Isochrysis', parameters: { muMax: 0.8, tOpt: 27, cellUg: 3e-5 } },
  ],
  harmfulWater: ['tap'],
  withoutAirH: 12,
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [10, 29],
}
