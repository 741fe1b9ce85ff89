import { expose } from 'comlink'
import { checkRoom, type RoomCheck } from '@renatus/core/formats/checkRoom'
import { readRoomFile } from '@renatus/core/formats/roomFile'
import { keepCopy, type Copy } from '~/db/copies'
import { RenatusDatabase } from '~/db/database'
import { everything, rememberExport, roomText } from '~/db/exportRoom'
import { seal } from '~/db/sealed'
import { keepSnapshot, listSnapshots, markOf, snapshotText, type Snapshot } from '~/db/snapshots'
import { takeFile, type TakeFile, type TakeResult } from '~/db/takeFile'

/** Copies that are read through when a room is checked, the newest. */
const READ_THROUGH = 5

export interface CopyCheck {
  snapshots: number
  /** Of the newest, those that were read through. */
  read: number
  broken: string[]
}

async function within<T>(name: string, work: (db: RenatusDatabase) => Promise<T>): Promise<T> {
  const db = new RenatusDatabase(name)
  try {
    return await work(db)
  } finally {
    db.close()
  }
}
const fileOf = (text: string) => new Blob([text], { type: 'application/json' })

async function checkCopies(name: string): Promise<CopyCheck> {
  const all = await listSnapshots(name)
  const newest = all.slice(0, READ_THROUGH)
  const broken: string[] = []
  for (const { file, at } of newest) {
    const text = await snapshotText(name, file).catch(() => '')
    if (!readRoomFile(text).ok) broken.push(at)
  }
  return { snapshots: all.length, read: newest.length, broken }
}

/** Reads and writes whole rooms off the page: one of ten years takes seconds. */
const keeper = {
  take: (name: string, blob: Blob, how: TakeFile): Promise<TakeResult> =>
    within(name, db => takeFile(db, blob, how)),

  /** The room as it is, so that what comes can be taken back. */
  copy: (name: string, copy: Omit<Copy, 'n' | 'text'>, by: string): Promise<void> =>
    within(name, async db => {
      const text = new Blob([await roomText(db, copy.at, by)])
      return keepCopy({ ...copy, text })
    }),

  /** The room as a file, behind a phrase where one is given. */
  file: (name: string, at: string, by: string, phrase: string | null): Promise<Blob> =>
    within(name, async db => {
      const text = await roomText(db, at, by)
      return fileOf(phrase === null ? text : await seal(text, phrase))
    }),
  exported: (name: string, at: string): Promise<void> => within(name, db => rememberExport(db, at)),

  mark: (name: string): Promise<string | null> => within(name, markOf),
  snapshot: (name: string, now: string, by: string): Promise<Snapshot | null> =>
    within(name, db => keepSnapshot(db, now, by)),
  snapshots: (name: string): Promise<Snapshot[]> => listSnapshots(name),
  snapshotFile: async (name: string, file: string): Promise<Blob> =>
    fileOf(await snapshotText(name, file)),

  check: (name: string, now: string): Promise<RoomCheck & { copies: CopyCheck }> =>
    within(name, async db => ({
      ...checkRoom(await everything(db), now),
      copies: await checkCopies(name),
    })),
}

export type RoomKeeper = typeof keeper
expose(keeper)
