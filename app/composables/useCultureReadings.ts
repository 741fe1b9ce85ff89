import { proxy, wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { DATABASES } from '~/db/database'
import { useRoomStore } from '~/stores/room'
import type { CultureReader } from '~/workers/cultures.worker'

/**
 * Readings of some cultures, worked out in a worker and handed over one by one; anew when something is written, and every quarter of an hour.
 * @param ahead with the days to come
 */
export function useCultureReadings(ids: Ref<readonly string[]>, ahead = false) {
  const room = useRoomStore()
  const readings = shallowRef<ReadonlyMap<string, CultureReading>>(new Map())
  const busy = ref(false)
  const worker = new Worker(new URL('../workers/cultures.worker.ts', import.meta.url), {
    type: 'module',
  })
  const reader: Remote<CultureReader> = wrap<CultureReader>(worker)
  onScopeDispose(() => worker.terminate())
  let turn = 0
  async function read() {
    const mine = ++turn
    if (ids.value.length === 0) return
    busy.value = true
    await reader.read(
      DATABASES[room.which],
      [...ids.value],
      room.now,
      ahead,
      proxy((r: CultureReading) => {
        if (mine === turn) readings.value = new Map(readings.value).set(r.id, r)
      }),
    )
    if (mine === turn) busy.value = false
  }
  const quarter = () => Math.floor(Date.parse(room.now) / 900_000)
  // The list is made anew every minute; only another list is another question.
  watch(
    [() => ids.value.join(' '), () => room.entries, () => room.state?.learned, quarter],
    () => void read(),
    { immediate: true },
  )
  return { readings, busy }
}
