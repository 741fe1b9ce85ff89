import { salvage, type Salvaged } from '@renatus/core/formats/salvage'
import { writeRoomFile } from '@renatus/core/formats/writeRoomFile'
import { nowInstant } from '~/composables/clock'
import { DATABASES } from '~/db/databaseNames'
import { deviceName } from '~/db/device'
import { forgetMarker } from '~/db/marker'
import { putAside, rawRoom, type RawRows } from '~/db/rawRoom'
import { whichRoom } from '~/db/whichRoom'
import { download } from './download'

/** What can be read of the room here, and what cannot; null where the database itself does not open. */
export interface Rescued {
  raw: RawRows
  sound: Salvaged
}

const name = () => DATABASES[whichRoom()]

/** Reads the room without anything of the page: for when the page itself does not stand. */
export async function readWhatCanBeRead(): Promise<Rescued | null> {
  try {
    const raw = await rawRoom(name())
    return { raw, sound: salvage(raw) }
  } catch {
    return null
  }
}

/** Hands over what can be read as a room file; what cannot goes along as it is, for whoever mends it. */
export function saveRescued({ sound }: Rescued): void {
  const exportedAt = nowInstant()
  const { unreadable, ...room } = sound
  const file = JSON.parse(writeRoomFile({ exportedAt, by: deviceName(), ...room })) as object
  const text = JSON.stringify({ ...file, unreadable }, null, 1)
  download(`renatus-rescue-${exportedAt.slice(0, 10)}.json`, 'application/json', text)
}

/** A copy of what can be read. False where nothing could be. */
export async function rescueCopy(): Promise<boolean> {
  const rescued = await readWhatCanBeRead()
  if (rescued) saveRescued(rescued)
  return rescued !== null
}

/** Puts the unreadable rows beside the room, so that it opens without them; they are not missed afterwards. */
export async function setUnreadableAside({ raw, sound }: Rescued): Promise<void> {
  await putAside(name(), raw, sound.unreadable)
  if (whichRoom() === 'own') forgetMarker()
}
