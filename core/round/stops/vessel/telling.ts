import type { TendingKind } from '../../../planning/tending'
import type { StopTelling } from '../../stopKind'
import type { VesselStop } from './find'
import { vesselWords } from './words'

/** Minutes of hands (working estimates of a practised person). */
const ACT_MIN: Record<TendingKind, number> = {
  'end': 6,
  'look': 0.5,
  'thin out': 3,
  'feed': 1.5,
  'split': 8,
  'change water': 4,
  'stir': 1,
  'top up': 0.5,
  'renew': 10,
}
const A_DRAW = 1
const A_CUP = 0.25

export const vesselTelling: StopTelling<VesselStop> = {
  kind: 'vessel',
  words: vesselWords,
  minutes: s => {
    const cups = s.draws.length + s.others.length
    const draw = cups > 0 ? A_DRAW + A_CUP * cups : 0
    const act = s.act ? ACT_MIN[s.act.kind] : 0
    return draw + act + (s.topUpMl > 0 ? ACT_MIN['top up'] : 0)
  },
}
