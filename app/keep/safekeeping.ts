import { reactive } from 'vue'
import { nowInstant } from '~/composables/clock'
import { useFailures } from '~/composables/useFailures'
import type { RenatusDatabase } from '~/db/database'
import { DATABASES } from '~/db/databaseNames'
import { deviceName } from '~/db/device'
import { deviceId, newDeviceId } from '~/db/deviceId'
import { hasSnapshots, type Snapshot } from '~/db/snapshots'
import type { FileProblem } from '~/db/takeFile'
import { keeperClient } from '~/engine/keeperClient'
import { failureOf } from '~/words/failures'
import { apartText } from '~/words/safekeeping'
import { folderOf } from './folder'
import { dropHandle, handleOf, keepHandle, mayWrite, type Handles } from './handles'
import { forgetMet, metIn, rememberMet } from './metStore'
import { syncFolder } from './syncFolder'
import type { TieState } from './tieState'

interface TieStatus {
  state: TieState
  /** Of the folder or file. */
  name: string
  /** When it last went well. */
  at: string | null
  /** Why not, in words. */
  why: string
}
const off = (): TieStatus => ({ state: 'off', name: '', at: null, why: '' })

/** How the copies of the room stand; everything on the page reads it here. */
export const keeping = reactive({
  folder: off(),
  copy: off(),
  /** Entries and records that came from other devices since the page was opened. */
  came: 0,
  /** Files of the folder that were left alone. */
  leftAlone: [] as { file: string; problem: FileProblem }[],
  snapshots: [] as Snapshot[],
  /** Why no snapshot could be made. */
  snapshotWhy: '',
  /** The folder or file is forgotten when this page is closed. */
  forgetful: false,
})

const name = DATABASES.own
let turn: Promise<void> = Promise.resolve()

/** One after the other, and in one tab of the browser at a time. */
function inTurn(work: () => Promise<void>): Promise<void> {
  const alone = (): Promise<void> =>
    navigator.locks
      ? navigator.locks.request('renatus keeping', { ifAvailable: true }, async lock => {
          if (lock) await work()
        })
      : work()
  turn = turn.then(alone, alone)
  return turn
}

/** What errors of the file system mean for a tie; any other has failed. */
const TIE_STATES: Record<string, TieState> = { NotFoundError: 'gone', NotAllowedError: 'ask' }

function failed(status: TieStatus, error: unknown) {
  const name = error instanceof DOMException ? error.name : ''
  status.state = TIE_STATES[name] ?? 'failed'
  status.why = status.state === 'failed' ? failureOf(error).text : ''
}

/** Does something with what the room is tied to, where it is there and may be written; else its status says why not. */
async function overTie<T extends 'folder' | 'copy'>(
  db: RenatusDatabase,
  tie: T,
  work: (handle: Handles[T]) => Promise<void>,
): Promise<void> {
  const handle = await handleOf(db, tie)
  const status = keeping[tie]
  if (!handle) return void Object.assign(status, off())
  status.name = handle.name
  try {
    if (!(await mayWrite(handle))) return void (status.state = 'ask')
    await work(handle)
    Object.assign(status, { state: 'on', at: nowInstant(), why: '' })
  } catch (error) {
    failed(status, error)
  }
}

const fileNow = (at: string) => keeperClient.call(k => k.file(name, at, deviceName(), null))
const markNow = () => keeperClient.call(k => k.mark(name))

async function meetIn(handle: FileSystemDirectoryHandle): Promise<void> {
  const side = {
    device: deviceId(),
    mark: markNow,
    file: () => fileNow(nowInstant()),
    take: (blob: Blob) => {
      const how = { mode: 'merge', now: nowInstant(), phrase: null } as const
      return keeperClient.call(k => k.take(name, blob, how))
    },
  }
  const meeting = await syncFolder(folderOf(handle), side, metIn(handle.name))
  rememberMet(handle.name, meeting.met)
  if (meeting.twin) newDeviceId()
  const left = Object.entries(meeting.met.left)
  keeping.leftAlone = left.map(([file, problem]) => ({ file, problem }))
  for (const { took } of meeting.took) {
    keeping.came += took.added.entries + took.added.records + took.changed
    for (const c of took.conflicts) useFailures().notice(apartText(c))
  }
  // What stands in the folder outlives this browser: nobody needs to be asked for an export.
  if (meeting.wrote) await keeperClient.call(k => k.exported(name, nowInstant()))
}

/** The second copy: a file of the user's choice that is written over with the whole room. */
async function writeCopyTo(handle: FileSystemFileHandle, db: RenatusDatabase): Promise<void> {
  const mark = await markNow()
  const known = (await db.meta.get(COPY_MARK))?.value
  if (known === mark && keeping.copy.state !== 'gone') return
  const at = nowInstant()
  const out = await handle.createWritable()
  await out.write(await fileNow(at))
  await out.close()
  await db.meta.put({ key: COPY_MARK, value: mark })
  await keeperClient.call(k => k.exported(name, at))
}
const COPY_MARK = 'mark of the copy'

const meet = (db: RenatusDatabase) => overTie(db, 'folder', meetIn)
const writeCopy = (db: RenatusDatabase) => overTie(db, 'copy', h => writeCopyTo(h, db))

async function snapshot(): Promise<void> {
  if (!hasSnapshots()) return
  try {
    await keeperClient.call(k => k.snapshot(name, nowInstant(), deviceName()))
    keeping.snapshots = await keeperClient.call(k => k.snapshots(name))
    keeping.snapshotWhy = ''
  } catch (error) {
    keeping.snapshotWhy = failureOf(error).text
  }
}

/** Meets the folder; called often. */
export const keepInStep = (db: RenatusDatabase) => inTurn(() => meet(db))

/** Everything that is kept of a room: called when it has come to rest. */
export const keepSafe = (db: RenatusDatabase) =>
  inTurn(async () => {
    await meet(db)
    await writeCopy(db)
    await snapshot()
  })

/** How ties and copies stand, without writing anything: for who opens Setup before they were used. */
export async function seeCopies(db: RenatusDatabase): Promise<void> {
  if (db.name !== name) return
  for (const tie of ['folder', 'copy'] as const) {
    const handle = await handleOf(db, tie)
    if (!handle || keeping[tie].state !== 'off') continue
    const state = (await mayWrite(handle)) ? 'on' : 'ask'
    Object.assign(keeping[tie], { state, name: handle.name })
  }
  if (hasSnapshots()) keeping.snapshots = await keeperClient.call(k => k.snapshots(name))
}

/** Ties the room to a folder that other devices see. False where the choice was called off. */
export async function tieFolder(db: RenatusDatabase): Promise<boolean> {
  const handle = await window.showDirectoryPicker!({ id: 'renatus', mode: 'readwrite' }).catch(
    calledOff,
  )
  if (!handle) return false
  forgetMet()
  keeping.forgetful = !(await keepHandle(db, 'folder', handle))
  await keepInStep(db)
  return true
}

/** Picks the file that holds the second copy. */
export async function pickCopy(db: RenatusDatabase): Promise<boolean> {
  const handle = await window.showSaveFilePicker!({
    suggestedName: 'renatus-second-copy.json',
    types: [{ description: 'Room file', accept: { 'application/json': ['.json'] } }],
  }).catch(calledOff)
  if (!handle) return false
  keeping.forgetful = !(await keepHandle(db, 'copy', handle))
  await db.meta.delete(COPY_MARK)
  await keepSafe(db)
  return true
}

function calledOff(error: unknown): null {
  if (error instanceof DOMException && error.name === 'AbortError') return null
  throw error
}

/** After a tap: the browser may ask, and what was tied goes on. */
export async function letIn(db: RenatusDatabase, tie: 'folder' | 'copy'): Promise<void> {
  const handle = await handleOf(db, tie)
  if (handle && (await mayWrite(handle, true))) await keepSafe(db)
}

export async function untie(db: RenatusDatabase, tie: 'folder' | 'copy'): Promise<void> {
  await dropHandle(db, tie)
  if (tie === 'folder') {
    forgetMet()
    keeping.leftAlone = []
  }
  Object.assign(keeping[tie], off())
}
