import { nowInstant } from '~/composables/clock'
import { useFailures } from './useFailures'
import { workerClient, WorkerStopped } from '~/engine/workerClient'
import { ref, shallowRef } from 'vue'
import type { MergeResult } from '@renatus/core/formats/mergeRooms'
import type { RoomFile } from '@renatus/core/formats/roomFile'
import { keepCopy, type Copy } from '~/db/copies'
import { readMarker, writeMarker } from '~/db/marker'
import { exportRoom, roomText } from '~/db/exportRoom'
import type { RoomFileReader } from '~/workers/readRoomFile.worker'
import { useRoomStore } from '~/stores/room'
import { OTHER_ROOM, roomFileProblem } from '~/words/problems'
import { download } from './download'

/** What merges and checks a whole room: not before a file is there. */
const transfer = () => import('~/db/transfer')

/** Export and import of the room, with what is to be said about it. */
export function useRoomFile() {
  const room = useRoomStore()
  const { report } = useFailures()
  const problem = ref<string | null>(null)
  const merged = shallowRef<MergeResult | null>(null)
  const reading = ref(false)
  /** A readable file of another room, held until the user decides. */
  const other = shallowRef<{ file: RoomFile; name: string } | null>(null)
  const reader = workerClient<RoomFileReader>(
    'reading the file',
    () =>
      new Worker(new URL('../workers/readRoomFile.worker.ts', import.meta.url), { type: 'module' }),
  )

  async function exportNow() {
    const text = await exportRoom(room.db)
    const known = await readMarker()
    if (known && room.which === 'own') writeMarker({ ...known, exportedAt: room.now })
    const name =
      room.state?.room.name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '') || 'room'
    download(`renatus-${name}-${room.now.slice(0, 10)}.json`, 'application/json', text)
  }

  async function take(blob: Blob) {
    problem.value = null
    merged.value = null
    other.value = null
    reading.value = true
    try {
      const result = await reader.call(r => r.read(blob))
      if (!result.ok) {
        problem.value = roomFileProblem(result.problem)
        return
      }
      const { importRoom, isOtherRoom } = await transfer()
      if (await isOtherRoom(room.db, result.file)) {
        const name = result.file.records.find(r => r.type === 'room')?.name ?? 'another room'
        other.value = { file: result.file, name }
        problem.value = OTHER_ROOM(name, room.state?.room.name ?? 'this room')
        return
      }
      await copyBefore('before an import')
      await room.prepare()
      merged.value = await importRoom(room.db, result.file, 'merge')
    } catch (error) {
      if (!(error instanceof WorkerStopped)) problem.value = report(error).text
    } finally {
      stop()
    }
  }

  function stop() {
    reader.stop()
    reading.value = false
  }

  /** The room as it is, so that what comes can be taken back. That it cannot be kept is told, and holds nothing up. */
  async function copyBefore(why: Copy['why']) {
    if (!room.state) return
    try {
      const at = nowInstant()
      const text = await roomText(room.db, at)
      await keepCopy({ at, name: room.state.room.name, why, text })
    } catch (error) {
      report(error)
    }
  }

  /** Goes back to a copy: what is here now is copied first. */
  async function goBack(copy: Copy) {
    const { readRoomFile } = await import('@renatus/core/formats/roomFile')
    const read = readRoomFile(copy.text)
    if (!read.ok) {
      problem.value = roomFileProblem(read.problem)
      return
    }
    other.value = { file: read.file, name: copy.name }
    await replace()
  }

  async function replace() {
    if (!other.value) return
    try {
      await copyBefore('before a replacement')
      await room.prepare()
      const { importRoom } = await transfer()
      merged.value = await importRoom(room.db, other.value.file, 'replace')
      other.value = null
      problem.value = null
    } catch (error) {
      problem.value = report(error).text
    }
  }

  return { problem, merged, reading, other, exportNow, take, stop, replace, goBack }
}
