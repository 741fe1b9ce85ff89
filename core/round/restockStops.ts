import type { RoomState } from '../stock/roomState'
import { toMs } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import type { StopBase } from './stopBase'

/** Cysts that run low: a new tin must be on its way. */
export interface RestockStop extends StopBase {
  type: 'restock'
  grams: number
  gramsPerDay: number
  days: number
}

/** Days a parcel takes, and some to try the new lot in (working estimate). */
export const RESTOCK_DAYS = 10
/** Once ordered it is not asked for again so soon. */
const QUIET_DAYS = 14

/** Asks for cysts while what is left, of all lots, lasts less than a parcel takes. */
export function restockStops(state: RoomState, current: RoundOccurrence): RestockStop[] {
  if (current.feedingOnly) return []
  const open = state.lots.filter(l => l.state.gramsLeft > 0 || l.state.gramsPerDay !== null)
  const grams = open.reduce((g, l) => g + l.state.gramsLeft, 0)
  const gramsPerDay = open.reduce((g, l) => g + (l.state.gramsPerDay ?? 0), 0)
  const days = gramsPerDay > 0 ? grams / gramsPerDay : Infinity
  const ordered = state.entries.some(
    e =>
      e.answers?.startsWith('restock:') &&
      e.kind !== 'stop.postponed' &&
      toMs(state.now) - toMs(e.at) < QUIET_DAYS * 86_400_000,
  )
  if (days >= RESTOCK_DAYS || ordered) return []
  return [
    {
      type: 'restock',
      key: `restock:${current.date}`,
      placeId: null,
      cautions: [],
      grams,
      gramsPerDay,
      days,
    },
  ]
}
