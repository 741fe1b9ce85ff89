import { nowInstant } from '~/composables/clock'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import type { Entry } from '@renatus/core/records/entries'
import type { RenatusDatabase } from './database'
import { wholeLog } from './storedLog'
import { deviceName } from './device'

const EXPORTED = 'exportedAt'

/** All that a room file holds. */
export const everything = async (db: RenatusDatabase) => ({
  records: await db.records.toArray(),
  entries: await wholeLog(db),
  kept: (await db.kept.toArray()).map(({ n: _n, ...rest }) => rest),
  keptEntries: (await db.keptEntries.toArray()).map(({ n: _n, ...rest }) => rest as Entry),
})

/** The whole room as the text of one open file. */
export const roomText = async (
  db: RenatusDatabase,
  exportedAt: string,
  by: string,
): Promise<string> => writeRoomFile({ exportedAt, by, ...(await everything(db)) })

/** Remembers that the room was carried away. */
export async function rememberExport(db: RenatusDatabase, exportedAt: string): Promise<void> {
  try {
    await db.meta.put({ key: EXPORTED, value: exportedAt })
  } catch {
    // A full disk must not keep anybody from carrying the room away.
  }
}

/** The text of the room to be carried away; remembers when, unless nothing can be written any more. */
export async function exportRoom(db: RenatusDatabase): Promise<string> {
  const exportedAt = nowInstant()
  const text = await roomText(db, exportedAt, deviceName())
  await rememberExport(db, exportedAt)
  return text
}

/** When this device last exported, or null. */
export const lastExport = async (db: RenatusDatabase): Promise<string | null> =>
  ((await db.meta.get(EXPORTED))?.value as string | undefined) ?? null
