import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const mosquitoLarva: Food = { profile, parameters: { ...parameters }, methods, signs, harvestSigns, kinds: [], foul: [{ sign: 'pupae', from: 0.7, refusal: 'pupae' }], reliability: { failure: 0.2, readyLogSd: 0.2 }, rangeC: [12, 31] }
