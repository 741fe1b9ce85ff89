import { computed } from 'vue'
import { clocks } from '@renatus/core/stock/clocks'
import { useRoomStore } from '~/stores/room'
import { useSecond } from './useNow'

/** Clocks of the room by the second: those that run, and those that have ended, the last of them first. */
export function useClocks() {
  const room = useRoomStore()
  const second = useSecond()
  const all = computed(() => {
    if (!room.state) return []
    const stores = new Set(room.state.stores.map(s => s.id))
    return clocks(room.state.entries, new Date(second.value).toISOString(), stores)
  })
  return {
    going: computed(() => all.value.filter(c => !c.ended)),
    ended: computed(() => all.value.filter(c => c.ended).reverse()),
    seen: (id: string) =>
      room.write([{ kind: 'clock.seen', subject: { type: 'clock', id }, data: { clockId: id } }]),
  }
}
