import type { Round } from '@renatus/core/round/round'
import type { Stop } from '@renatus/core/round/stop'
import { useRoomStore } from '~/stores/room'
import { useUnits } from './useUnits'

/** Until when a stop may wait that need not be done now; null for all others. */
export function useWaits(round: () => Round) {
  const room = useRoomStore()
  const units = useUnits()
  return (stop: Stop): string | null => {
    const until = round().untils.get(stop.key)
    const at = round().reckoning.rounds.find(r => r.key === until)?.at
    if (at === undefined) return null
    return units.dateOf(at) === units.dateOf(room.now) ? units.clock(at) : units.when(at)
  }
}
