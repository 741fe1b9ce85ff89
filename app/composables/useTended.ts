import { computed } from 'vue'
import type { Tended } from '@renatus/core/planning/amounts'
import { cultureView } from '~/components/cultures/cultureView'
import { useRoomStore } from '~/stores/room'
import { useCultureReadings } from './useCultureReadings'
import { useSteady } from './useSteady'

/** One culture with its reading and the days to come, as its pages and the planner take it. */
export function useTended(id: string) {
  const room = useRoomStore()
  const state = computed(() => room.state?.cultureStates.find(c => c.id === id))
  const { readings, busy } = useCultureReadings(
    computed(() => (state.value ? [id] : [])),
    { ahead: true },
  )
  // What the round last knew is shown until it is read for this page.
  const newest = computed(() => readings.value.get(id) ?? room.readings?.get(id))
  const version = computed(() => room.version)
  const { shown: reading, newer, settling, show } = useSteady(newest, version)
  const view = computed(() => cultureView(state.value!.record, reading.value))
  const tended = computed((): Tended | null =>
    state.value && reading.value && view.value.food && view.value.method
      ? {
          culture: state.value,
          food: view.value.food,
          method: view.value.method,
          reading: reading.value,
          now: room.now,
        }
      : null,
  )
  return { state, reading, busy, view, tended, newer, settling, show }
}
