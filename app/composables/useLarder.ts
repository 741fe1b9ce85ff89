import { shallowRef, watch, type Ref } from 'vue'
import type { Larder } from '@renatus/core/provision/larderOf'
import { useRoomStore } from '~/stores/room'

/** So surely nothing is to run short. */
const CERTAINTY = 0.95

/** What is kept and what to buy, asked for again whenever the room changes; what was known stands until the answer comes. */
export function useLarder(days: Ref<number>): Ref<Larder | null> {
  const room = useRoomStore()
  const larder = shallowRef<Larder | null>(null)
  watch(
    [days, () => room.version, () => room.state?.today],
    async () => {
      if (room.state) larder.value = (await room.larder(days.value, CERTAINTY)) ?? larder.value
    },
    { immediate: true },
  )
  return larder
}
