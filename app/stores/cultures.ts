import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import { running } from '@renatus/core/stock/cultures'
import { useCultureReadings } from '~/composables/useCultureReadings'
import { useRoomStore } from './room'

/** Everything that grows in the room, read once for all views that need all of it: the Round and Ahead. */
export const useCulturesStore = defineStore('cultures', () => {
  const room = useRoomStore()
  const ids = computed(() => running(room.roundState?.cultureStates ?? []).map(c => c.id))
  const { readings, busy, done, problem, again } = useCultureReadings(ids, {
    at: computed(() => room.roundState?.now ?? null),
    together: true,
    known: computed(() => room.begun),
  })
  const known = computed(() => (busy.value ? done.value : ids.value.length))
  const complete = computed(
    () =>
      room.loaded &&
      room.roundState !== null &&
      !busy.value &&
      ids.value.every(id => readings.value.has(id)),
  )
  /** The round is reckoned once everything that stands in the room has been read; then with what was read last. */
  watch(
    [readings, complete],
    () => {
      if (complete.value) room.readings = readings.value
    },
    { immediate: true },
  )
  return { ids, readings, busy, known, complete, problem, again }
})
