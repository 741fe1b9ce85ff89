import { useFailures } from './useFailures'
import { callOff, readCultures } from '~/engine/readingClient'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import type { CultureReading } from '@renatus/core/estimation/readCulture'
import { DATABASES } from '~/db/databaseNames'
import { useRoomStore } from '~/stores/room'

export interface ReadingsWanted {
  /** With the days to come. */
  ahead?: boolean
  /**
   * The instant for which is read, and kept for the next visit; null while it is not known. Without it: now, anew every
   * quarter of an hour.
   */
  at?: Ref<string | null>
  /** Handed over all at once when every one was read: nothing changes while somebody looks. */
  together?: boolean
  /** What is known of them already: nothing is asked where it is all. */
  known?: Ref<ReadonlyMap<string, CultureReading> | null>
}

let askers = 0
/** So often, and so long apart, what was left out is asked for again. */
const MOST_LACKING = 3
const LACKING_MS = 1000

/** Readings of some cultures, worked out in a worker; anew when something is written. */
export function useCultureReadings(ids: Ref<readonly string[]>, wanted: ReadingsWanted = {}) {
  const room = useRoomStore()
  const readings = shallowRef<ReadonlyMap<string, CultureReading>>(new Map())
  const busy = ref(false)
  const done = ref(0)
  const problem = ref<string | null>(null)
  const asker = `view ${++askers}`
  let turn = 0
  let lacking = 0
  onScopeDispose(() => {
    turn++
    callOff(asker)
  })

  /** Nothing is asked where all of it is known. */
  function hasKnown(): boolean {
    const known = wanted.known?.value
    if (!known || !ids.value.every(id => known.has(id))) return false
    readings.value = known
    return true
  }

  async function read() {
    const mine = ++turn
    const at = wanted.at ? wanted.at.value : room.now
    const nothing = ids.value.length === 0 || at === null
    if (nothing || hasKnown()) {
      busy.value = false
      problem.value = null
      return
    }
    busy.value = true
    done.value = 0
    problem.value = null
    const found = new Map<string, CultureReading>()
    const take = (batch: readonly CultureReading[]) => {
      if (mine !== turn) return
      for (const r of batch) found.set(r.id, r)
      done.value = found.size
      if (!wanted.together) readings.value = new Map([...readings.value, ...found])
    }
    const question = {
      database: DATABASES[room.which],
      ids: [...ids.value],
      now: at,
      ahead: wanted.ahead ?? false,
      kept: wanted.at !== undefined,
      asker,
    }
    try {
      await readCultures(question, take)
    } catch (error) {
      if (mine === turn) problem.value = useFailures().report(error).text
    }
    if (mine !== turn) return
    if (wanted.together && problem.value === null) readings.value = found
    busy.value = false
    // A reader that saw the room a moment before what it was asked for leaves some out: it is asked again, a few times.
    const missing = problem.value === null && question.ids.some(id => !found.has(id))
    if (missing && ++lacking <= MOST_LACKING)
      setTimeout(() => mine === turn && void read(), LACKING_MS)
    else if (!missing) lacking = 0
  }

  const quarter = computed(() =>
    wanted.at ? wanted.at.value : Math.floor(Date.parse(room.now) / 900_000),
  )
  // The list is made anew every minute; only another list is another question.
  watch([() => ids.value.join(' '), () => room.version, quarter], () => void read(), {
    immediate: true,
  })
  return { readings, busy, done, problem, again: () => void read() }
}
