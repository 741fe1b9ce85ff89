import { ref, shallowRef } from 'vue'
import { nowInstant } from '~/composables/clock'
import type { Copy } from '~/db/copies'
import { deviceName } from '~/db/device'
import { forgetMarker, readMarker, writeMarker } from '~/db/marker'
import type { Took } from '~/db/takeFile'
import { fileKeeper } from '~/engine/keeperClient'
import { WorkerStopped } from '~/engine/workerClient'
import { useRoomStore } from '~/stores/room'
import { download } from './download'
import { useFailures } from './useFailures'

type Keeper = ReturnType<typeof fileKeeper>

/** A file that waits for a word of the user: its phrase, or that it may replace the room here. */
interface Waiting {
  blob: Blob
  phrase: string | null
  /** Of the room in it, where it is another one. */
  name: string
}

/** Export and import of the room, with what is to be said about it. */
export function useRoomFile() {
  const room = useRoomStore()
  const { report } = useFailures()
  const problem = ref<string | null>(null)
  const took = shallowRef<Took | null>(null)
  const reading = ref(false)
  /** A readable file of another room, held until the user decides. */
  const other = shallowRef<Waiting | null>(null)
  /** A file that is locked, held until its phrase is typed. */
  const locked = shallowRef<Blob | null>(null)
  /** Who reads now. Each reading has a keeper of its own, so that the end of one thing never ends another. */
  let reader: Keeper | null = null

  const slug = () =>
    room.state?.room.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'room'

  /** @param phrase that opens it; null: an open file */
  async function exportNow(phrase: string | null = null) {
    problem.value = null
    const { name } = await room.database()
    const at = nowInstant()
    const keeper = fileKeeper()
    try {
      const blob = await keeper.call(k => k.file(name, at, deviceName(), phrase))
      // Remembered before the file is handed over: who has it may leave the page at once.
      await keeper.call(k => k.exported(name, at))
      const known = await readMarker()
      if (known && room.which === 'own') writeMarker({ ...known, exportedAt: at })
      const ending = phrase === null ? 'json' : 'locked.json'
      download(`renatus-${slug()}-${room.now.slice(0, 10)}.${ending}`, 'application/json', blob)
    } catch (error) {
      problem.value = report(error).text
    } finally {
      keeper.stop()
    }
  }

  async function read(waiting: Omit<Waiting, 'name'>, mode: 'merge' | 'replace') {
    problem.value = null
    took.value = null
    other.value = null
    locked.value = null
    stop()
    const keeper = fileKeeper()
    reader = keeper
    reading.value = true
    try {
      await copyBefore(keeper, mode === 'merge' ? 'before an import' : 'before a replacement')
      await room.prepare()
      if (reader !== keeper) return
      // What takes the place of a room may hold less than it did. The demo's is no concern of the own room.
      const anew = mode === 'replace' || !room.state
      if (anew && room.which === 'own') forgetMarker()
      const { name } = await room.database()
      const how = { mode, now: nowInstant(), phrase: waiting.phrase }
      const result = await keeper.call(k => k.take(name, waiting.blob, how))
      if (result.ok) {
        took.value = result.took
        return
      }
      const why = result.problem
      if (why.code === 'other-room') other.value = { ...waiting, name: why.name }
      if (why.code === 'sealed' || why.code === 'wrong-phrase') locked.value = waiting.blob
      // Who opens an empty room does without these words until a file is refused.
      const { roomFileProblem } = await import('~/words/problems')
      problem.value = roomFileProblem(why, room.state?.room.name)
    } catch (error) {
      if (!(error instanceof WorkerStopped)) problem.value = report(error).text
    } finally {
      if (reader === keeper) stop()
    }
  }

  const take = (blob: Blob, phrase: string | null = null) => read({ blob, phrase }, 'merge')

  function stop() {
    reader?.stop()
    reader = null
    reading.value = false
  }

  /** The room as it is, so that what comes can be taken back. That it cannot be kept is told, and holds nothing up. */
  async function copyBefore(keeper: Keeper, why: Copy['why']) {
    if (!room.state) return
    try {
      const at = nowInstant()
      const { name } = await room.database()
      const copy = { at, name: room.state.room.name, why }
      await keeper.call(k => k.copy(name, copy, deviceName()))
    } catch (error) {
      // Stopped by hand: then nothing is taken in either.
      if (error instanceof WorkerStopped) throw error
      report(error)
    }
  }

  /** Goes back to a copy: what is here now is copied first. */
  const goBack = (blob: Blob) => read({ blob, phrase: null }, 'replace')

  async function replace() {
    const { value: waiting } = other
    if (waiting) await read(waiting, 'replace')
  }

  /** Tries the phrase on the file that waits for it. */
  async function unlock(phrase: string) {
    const { value: blob } = locked
    if (blob) await take(blob, phrase)
  }

  return { problem, took, reading, other, locked, exportNow, take, stop, replace, goBack, unlock }
}
