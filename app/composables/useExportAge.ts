import { computed, toRef } from 'vue'
import { useRoomStore } from '~/stores/room'
import { useLive } from './useLive'

/** Days after which another export is asked for. */
const EXPORT_EVERY_DAYS = 7

/** How old the last export of this device is, and whether one is due. A room of less than a week is left in peace. */
export function useExportAge() {
  const room = useRoomStore()
  const at = useLive(
    async db => (await import('~/db/exportRoom')).lastExport(db),
    toRef(room, 'db'),
  )
  const began = computed(() => room.settled.firstAt ?? room.state?.entries[0]?.at ?? room.now)
  const days = computed(
    () => (Date.parse(room.now) - Date.parse(at.value ?? began.value)) / 86_400_000,
  )
  return {
    at,
    days,
    due: computed(() => at.value !== undefined && days.value >= EXPORT_EVERY_DAYS),
    text: computed(() =>
      at.value
        ? `The last one is ${Math.floor(days.value)} days old.`
        : 'This device never exported; if it breaks, the room is gone.',
    ),
  }
}
