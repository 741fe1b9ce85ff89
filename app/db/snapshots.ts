import { copyIsDue, rollingCopies } from '@renatus/core/formats/rollingCopies'
import type { RenatusDatabase } from './database'
import { roomText } from './exportRoom'
import { lastId } from './storedLog'

/** A copy of the whole room in the browser's own file system, beside the database. */
export interface Snapshot {
  at: string
  bytes: number
  file: string
}

const FOLDER = 'renatus-snapshots'
/** Instant and mark of the room: what is in it, in as much as two rooms with one mark are the same. */
const FILE = /^(\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d\.\d{3}Z)~([0-9a-z-]+)\.json\.gz$/
const instantOf = (stamp: string) => stamp.replace(/T(\d\d)-(\d\d)-(\d\d)/, 'T$1:$2:$3')

/** False where the browser has no file system of its own. */
export const hasSnapshots = (): boolean => navigator.storage?.getDirectory !== undefined

/** What a room is known by: changes with every write, is the same for the same room; null where there is none. */
export async function markOf(db: RenatusDatabase): Promise<string | null> {
  if ((await db.records.count()) === 0) return null
  const last = (await lastId(db)) || 'none'
  const tables = [db.chapters, db.entries, db.records, db.kept]
  const counts = await Promise.all(tables.map(t => t.count()))
  let newest = ''
  await db.records.each(r => {
    if (r.updatedAt > newest) newest = r.updatedAt
  })
  return [...counts, last.toLowerCase(), newest.replace(/\D/g, '')].join('-')
}

async function folderOf(name: string): Promise<FileSystemDirectoryHandle> {
  const root = await navigator.storage.getDirectory()
  const folder = await root.getDirectoryHandle(FOLDER, { create: true })
  return folder.getDirectoryHandle(name, { create: true })
}

async function filesIn(folder: FileSystemDirectoryHandle) {
  const found: { at: string; mark: string; file: string; bytes: number }[] = []
  for await (const [file, handle] of folder.entries()) {
    const parts = FILE.exec(file)
    if (!parts || handle.kind !== 'file') continue
    const { size } = await (handle as FileSystemFileHandle).getFile()
    found.push({ at: instantOf(parts[1]!), mark: parts[2]!, file, bytes: size })
  }
  return found.sort((a, b) => (a.at < b.at ? 1 : -1))
}

/** Snapshots of a database, the newest first. */
export async function listSnapshots(name: string): Promise<Snapshot[]> {
  if (!hasSnapshots()) return []
  return (await filesIn(await folderOf(name))).map(({ at, file, bytes }) => ({ at, file, bytes }))
}

const packed = (text: string): Promise<Blob> =>
  new Response(new Blob([text]).stream().pipeThrough(new CompressionStream('gzip'))).blob()
const unpacked = (blob: Blob): Promise<string> =>
  new Response(blob.stream().pipeThrough(new DecompressionStream('gzip'))).text()

/** Writes beside and puts in place: a file is whole or not there. A half one is taken away. */
async function writeWhole(folder: FileSystemDirectoryHandle, file: string, blob: Blob) {
  const handle = await folder.getFileHandle(file, { create: true })
  try {
    const out = await handle.createWritable()
    await out.write(blob)
    await out.close()
  } catch (error) {
    await folder.removeEntry(file).catch(() => {})
    throw error
  }
}

/**
 * Makes a copy where one is due: an hour has passed and the room is another. Older ones are thinned out to one a day, week
 * and month after the new one stands.
 * @returns the copy, or null where none was due
 */
export async function keepSnapshot(
  db: RenatusDatabase,
  now: string,
  by: string,
): Promise<Snapshot | null> {
  const mark = hasSnapshots() ? await markOf(db) : null
  if (mark === null) return null
  const folder = await folderOf(db.name)
  const files = await filesIn(folder)
  const known = files.map(f => f.at)
  if (files[0]?.mark === mark || !copyIsDue(known, now)) return null
  const file = `${now.replaceAll(':', '-')}~${mark}.json.gz`
  const blob = await packed(await roomText(db, now, by))
  await writeWhole(folder, file, blob)
  const kept = rollingCopies([...known, now])
  for (const old of files) if (!kept.has(old.at)) await folder.removeEntry(old.file)
  return { at: now, bytes: blob.size, file }
}

/** The text of a snapshot, as it was exported. */
export async function snapshotText(name: string, file: string): Promise<string> {
  const folder = await folderOf(name)
  return unpacked(await (await folder.getFileHandle(file)).getFile())
}
