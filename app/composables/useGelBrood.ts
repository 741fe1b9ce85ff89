import { computed, type Ref } from 'vue'
import { gelBrood, type GelBrood } from '@renatus/core/planning/gelBrood'
import { useRoomStore } from '~/stores/room'

/** Every brood that feeds, with its gel. */
export function useGelBroods(): Ref<GelBrood[]> {
  const room = useRoomStore()
  return computed(() => {
    const { state } = room
    return state ? state.broods.flatMap(b => gelBrood(state, b) ?? []) : []
  })
}
