import type { TendingKind } from '../planning/tending'
import type { Stop } from './stop'

/** Minutes of hands (working estimates of a practised person). */
const TASK: Record<TendingKind, number> = {
  'end': 6,
  'look': 1,
  'thin out': 4,
  'feed': 2,
  'take': 4,
  'split': 8,
  'change water': 5,
  'top up': 1,
  'renew': 10,
}
const FIXED = {
  'harvest': 12,
  'start': 5,
  'tank': 3,
  'empty': 4,
  'discard': 1,
  'order': 2,
  'tub': 2,
  'cook': 35,
  'old-gel': 1,
  'restock': 2,
} as const

export function minutesOf(stop: Stop): number {
  switch (stop.type) {
    case 'looks':
      return stop.vats.length
    case 'culture':
      return stop.tasks.reduce((m, t) => m + TASK[t.kind], 0)
    case 'begin':
      return stop.minutes
    default:
      return FIXED[stop.type]
  }
}

export const roundMinutes = (stops: readonly Stop[]): number =>
  stops.reduce((m, s) => m + minutesOf(s), 0)
