import type { Lot, Room } from '../records/records'
import { lossADay } from './lotAgeing'
import type { LotState } from './lotState'

export interface LotInUse {
  lot: Lot
  state: LotState
}

const holdsCysts = (l: LotInUse) => l.state.gramsLeft >= 0.05

/** The lot to use next of those that hold cysts: the one that loses most by waiting, then the oldest; or the newest. */
export function nextLot(lots: readonly LotInUse[], order: Room['lotOrder']): LotInUse | null {
  const full = lots.filter(holdsCysts)
  if (order === 'newest-first') return full.at(-1) ?? null
  const loss = (l: LotInUse) => lossADay({ openedOn: l.state.openedOn, kept: l.lot.kept })
  return full.reduce<LotInUse | null>((a, b) => (a && loss(a) >= loss(b) ? a : b), null)
}

/** The lot that a hatch of this room takes from. */
export const lotInUse = (state: {
  lots: readonly LotInUse[]
  room: Pick<Room, 'lotOrder'>
}): LotInUse | null => nextLot(state.lots, state.room.lotOrder)
