import type { FileProblem, Took, TakeResult } from '~/db/takeFile'
import type { Folder } from './folder'

/** This device, as the folder sees it. */
export interface Side {
  /** Letters and digits; the name of its file. */
  device: string
  /** Changes when the room does; null where there is none yet. */
  mark(): Promise<string | null>
  file(): Promise<Blob>
  take(blob: Blob): Promise<TakeResult>
}

/** What is remembered from one meeting to the next. */
export interface Met {
  /** Stamps of the others' files as they were taken in. */
  seen: Record<string, string>
  /** The mark of the room in this device's own file, and the stamp of that file. */
  wrote: { mark: string; stamp: string } | null
  /** Files that could not be taken in as they stand, and why. */
  left: Record<string, FileProblem>
}
export const NOT_MET: Met = { seen: {}, wrote: null, left: {} }

export interface Meeting {
  met: Met
  took: { file: string; took: Took }[]
  wrote: boolean
  /** Somebody else writes this device's file: a copy of this browser goes about. */
  twin: boolean
}

const OURS = /^renatus-room-[a-z0-9]{4,40}\.json$/
export const fileOfDevice = (device: string) => `renatus-room-${device}.json`

/**
 * Takes in what other devices have put into the folder since the last meeting, then puts this room there if it changed.
 * A file that cannot be taken in is named for as long as it stands so, left alone, and tried again when it has changed.
 */
export async function syncFolder(folder: Folder, side: Side, before: Met): Promise<Meeting> {
  const own = fileOfDevice(side.device)
  const files = (await folder.list()).filter(f => OURS.test(f.name))
  const there = new Set(files.map(f => f.name))
  const left = Object.fromEntries(Object.entries(before.left).filter(([name]) => there.has(name)))
  const met: Met = { seen: { ...before.seen }, wrote: before.wrote, left }
  const meeting: Meeting = { met, took: [], wrote: false, twin: false }
  for (const { name, stamp } of files) {
    const known = name === own ? before.wrote?.stamp : before.seen[name]
    if (known === stamp) continue
    if (name === own) meeting.twin = before.wrote !== null
    const result = await side.take(await folder.read(name))
    delete left[name]
    if (result.ok) meeting.took.push({ file: name, took: result.took })
    else left[name] = result.problem
    met.seen[name] = stamp
  }
  // The other one's file is left to it.
  if (meeting.twin) return meeting
  const mark = await side.mark()
  const stands = there.has(own)
  if (mark === null) return meeting
  if (!stands || before.wrote?.mark !== mark) {
    const stamp = await folder.write(own, await side.file())
    met.wrote = { mark, stamp }
    meeting.wrote = true
  }
  return meeting
}
