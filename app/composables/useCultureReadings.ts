import { proxy, wrap, type Remote } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { DATABASES } from '~/db/database'
import { useRoomStore } from '~/stores/room'
import type { CultureReader } from '~/workers/cultures.worker'

export interface ReadingsWanted {
  /** With the days to come. */
  ahead?: boolean
  /** The instant for which is read; null while it is not known. Without it: now, anew every quarter of an hour. */
  at?: Ref<string | null>
  /** Handed over all at once when every one was read: nothing changes while somebody looks. */
  together?: boolean
}

/** Readings of some cultures, worked out in a worker; anew when something is written. */
export function useCultureReadings(ids: Ref<readonly string[]>, wanted: ReadingsWanted = {}) {
  const room = useRoomStore()
  const readings = shallowRef<ReadonlyMap<string, CultureReading>>(new Map())
  const busy = ref(false)
  const done = ref(0)
  const worker = new Worker(new URL('../workers/cultures.worker.ts', import.meta.url), {
    type: 'module',
  })
  const reader: Remote<CultureReader> = wrap<CultureReader>(worker)
  onScopeDispose(() => worker.terminate())
  let turn = 0

  async function read() {
    const mine = ++turn
    const at = wanted.at ? wanted.at.value : room.now
    if (ids.value.length === 0 || at === null) {
      busy.value = false
      return
    }
    busy.value = true
    done.value = 0
    const found = new Map<string, CultureReading>()
    await reader.read(
      DATABASES[room.which],
      [...ids.value],
      at,
      wanted.ahead ?? false,
      proxy((r: CultureReading) => {
        if (mine !== turn) return
        found.set(r.id, r)
        done.value = found.size
        if (!wanted.together) readings.value = new Map(readings.value).set(r.id, r)
      }),
    )
    if (mine !== turn) return
    if (wanted.together) readings.value = found
    busy.value = false
  }

  const quarter = computed(() =>
    wanted.at ? wanted.at.value : Math.floor(Date.parse(room.now) / 900_000),
  )
  // The list is made anew every minute; only another list is another question.
  watch(
    [() => ids.value.join(' '), () => room.entries, () => room.state?.learned, quarter],
    () => void read(),
    { immediate: true },
  )
  return { readings, busy, done }
}
