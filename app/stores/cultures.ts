import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { running } from '@renatus/core/stock/cultures'
import { useCultureReadings } from '~/composables/useCultureReadings'
import { useRoomStore } from './room'

/** Everything that grows in the room, read once for all views that need all of it: the Round and Ahead. */
export const useCulturesStore = defineStore('cultures', () => {
  const room = useRoomStore()
  const ids = computed(() => running(room.state?.cultureStates ?? []).map(c => c.id))
  const { readings, busy } = useCultureReadings(ids)
  const known = computed(() => ids.value.filter(id => readings.value.has(id)).length)
  const complete = computed(() => room.loaded && known.value === ids.value.length)

  // What vessels want needs every method card: it comes after the first view stands.
  const module = shallowRef<typeof import('@renatus/core/round/moreStops') | null>(null)
  async function load() {
    module.value ??= await import('@renatus/core/round/moreStops')
  }
  watch([module, readings], ([loaded, read]) => {
    room.more = loaded ? state => loaded.moreStops(state, read) : null
  })
  return { ids, readings, busy, known, complete, load }
})
