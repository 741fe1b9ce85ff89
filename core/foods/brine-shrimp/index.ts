import type { Food } from '../contract'
import { methods } from './methods'
import { profile } from './profile'
import { harvestSigns } from './signs'

export const brineShrimp: Food = { profile, methods, harvestSigns }
