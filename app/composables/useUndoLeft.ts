import { computed } from 'vue'
import { useSecond } from './useNow'
import { UNDO_SECONDS, useUndo } from './useUndo'

/** Seconds for which the last act can still be taken back where it was done; 0 when it is over. */
export function useUndoLeft() {
  const undo = useUndo()
  const second = useSecond()
  return computed(() => {
    const { value: last } = undo.last
    if (!last) return 0
    // The page's second may lie a little before the tap.
    return Math.min(UNDO_SECONDS, Math.ceil((last.at - second.value) / 1000 + UNDO_SECONDS))
  })
}
