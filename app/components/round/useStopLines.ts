import { computed } from 'vue'
import { roundLines } from '@renatus/core/round/roundLines'
import type { Stop } from '@renatus/core/round/stop'
import { useRoomStore } from '~/stores/room'

/** What a stop says, line by line, as paper, calendar and terminal say it too. */
export function useStopLines(stop: () => Stop) {
  const room = useRoomStore()
  return computed(() => (room.roundState ? roundLines([stop()], room.roundState) : []))
}
