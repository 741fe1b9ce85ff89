import { useEventListener } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import type { RenatusDatabase } from '~/db/database'
import { standsHere } from '~/db/standsHere'
import { HELD_ELSEWHERE } from '~/words/failures'
import { useFailures } from './useFailures'

/** One that the browser closes again and again would be opened for ever. */
const MOST_REOPENED = 3
/** So long a database may be held by who is on the way out. */
const HELD_MS = 2000
/** What somebody does who reaches for the page. */
const REACHES = ['pointerdown', 'pointermove', 'keydown', 'focusin'] as const
/** After so long a blank room is looked at again: another tab may have filled it. */
const LOOKS_AGAIN_MS = 20_000

/** A room to be opened; another one each time, also where the name is the same. */
export interface Target {
  name: string
}

/**
 * The database of the room on screen. Where one stands it is opened at once; a device that has none yet is told so without
 * what reads one, which comes as soon as somebody reaches for the page.
 */
export function useDatabase(target: Ref<Target>, marked: () => boolean) {
  const db = shallowRef<RenatusDatabase | null>(null)
  /** Nothing was ever written here. */
  const blank = ref(false)
  const { report, notice } = useFailures()
  let opening: Promise<RenatusDatabase> | null = null
  let reopened = 0

  /** A database that does not open is told: queries that wait for it say nothing. */
  function follow(opened: RenatusDatabase): void {
    const isHere = () => db.value === opened
    const reopen = () => {
      if (isHere() && reopened++ < MOST_REOPENED) target.value = { ...target.value }
      else if (isHere()) report(new DOMException('closed again', 'InvalidStateError'))
    }
    opened
      .open()
      // Storage was cleared under the page: it looks again, and finds that the room is missing.
      .then(() => opened.backendDB().addEventListener('close', reopen))
      // One that was left for another room is closed while it opens: that is no failure.
      .catch((e: unknown) => isHere() && report(e))
    // The tabs of one visit let go of it within a moment.
    const tell = () => isHere() && !opened.isOpen() && notice(HELD_ELSEWHERE)
    opened.on('blocked', () => void setTimeout(tell, HELD_MS))
  }

  async function make(wanted: Target): Promise<RenatusDatabase> {
    const { RenatusDatabase } = await import('~/db/database')
    // Left for another room meanwhile: that one is what is asked for now.
    if (wanted !== target.value) return database()
    const opened = new RenatusDatabase(wanted.name)
    db.value = opened
    follow(opened)
    return opened
  }
  /** The database of the room on screen, opened where it is not yet. */
  function database(): Promise<RenatusDatabase> {
    if (opening) return opening
    const mine = make(target.value)
    opening = mine
    // What reads it did not load: the next who asks tries again.
    mine.catch(() => {
      if (opening === mine) opening = null
    })
    return mine
  }
  const open = () => void database().catch(report)

  async function look(wanted: Target): Promise<void> {
    const stands = marked() || (await standsHere(wanted.name))
    if (wanted !== target.value || opening) return
    if (stands) open()
    else blank.value = true
  }
  watch(
    target,
    wanted => {
      db.value?.close()
      db.value = opening = null
      blank.value = false
      void look(wanted)
    },
    // At once: who asks for the database of the next room in the same breath must not be given another one.
    { immediate: true, flush: 'sync' },
  )
  const reach = () => {
    if (blank.value && !opening) open()
  }
  for (const event of REACHES) useEventListener(globalThis, event, reach, { passive: true })
  useEventListener(document, 'visibilitychange', reach)
  watch(blank, is => is && setTimeout(reach, LOOKS_AGAIN_MS), { immediate: true })
  return { db, blank, database }
}
