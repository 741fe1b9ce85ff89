import { computed, watch } from 'vue'
import { useRoomStore } from '~/stores/room'

/** Whether something lies back too far for what is at hand: then the whole log is read, and it is true until that is there. */
export function useFar(id: string) {
  const room = useRoomStore()
  const far = computed(() => room.leavesOut(id))
  watch(far, is => is && room.widen(), { immediate: true })
  return far
}
