import type { Ref } from 'vue'
import type { Larder } from '@renatus/core/provision/larderOf'
import { useRoomStore } from '~/stores/room'
import { useEngineAnswer } from './useEngineAnswer'

/** So surely nothing is to run short. */
const CERTAINTY = 0.95

/** What is kept and what to buy. */
export function useLarder(days: Ref<number>): Ref<Larder | null> {
  const room = useRoomStore()
  return useEngineAnswer(() => room.larder(days.value, CERTAINTY), days)
}
