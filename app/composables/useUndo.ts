import { nowMs } from '~/composables/clock'
import { ref } from 'vue'
import { useRoomStore } from '~/stores/room'

/** How long Undo stands at the stop. Later it is in the Log. */
export const UNDO_SECONDS = 10

const last = ref<{ act: string; text: string; at: number; stop: string | null } | null>(null)

export function useUndo() {
  const room = useRoomStore()
  return {
    last,
    /** @param stop key of the stop it belongs to: Undo stands in its place */
    offer(act: string, text: string, stop: string | null = null) {
      last.value = { act, text, at: nowMs(), stop }
    },
    /** @returns whether it was taken back */
    async take(): Promise<boolean> {
      const act = last.value?.act
      last.value = null
      return act ? (await room.undo(act)).ok : false
    },
  }
}
