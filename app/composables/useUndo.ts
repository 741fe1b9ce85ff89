import { ref } from 'vue'
import { useRoomStore } from '~/stores/room'

/** How long Undo stands at the stop. Later it is in the Log. */
export const UNDO_SECONDS = 10

const last = ref<{ act: string, text: string, at: number } | null>(null)

export function useUndo() {
  const room = useRoomStore()
  return {
    last,
    offer(act: string, text: string) {
      last.value = { act, text, at: Date.now() }
    },
    async take() {
      const act = last.value?.act
      last.value = null
      if (act) await room.undo(act)
    },
  }
}
