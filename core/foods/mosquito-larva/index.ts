import { USUAL_BUYING } from '../buying'
import type { Food } from '../contract'
import { methods } from './methods'
import { parameters } from './parameters'
import { profile } from './profile'
import { harvestSigns, signs } from './signs'

export const mosquitoLarva: Food = {
  profile,
  parameters: { ...parameters },
  methods,
  signs,
  harvestSigns,
  own: ['larvae', 'ciliates'],
  kinds: [],
  foul: [{ sign: 'pupae', from: 0.7, refusal: 'pupae' }],
  buying: { ...USUAL_BUYING, leadDays: 3, price: 0, months: [5, 6, 7, 8, 9] },
  reliability: { failure: 0.2, readyLogSd: 0.2 },
  rangeC: [12, 31],
}
