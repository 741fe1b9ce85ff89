import { nowInstant } from '~/composables/clock'
import { DATABASES, RenatusDatabase } from '~/db/database'
import { roomText } from '~/db/exportRoom'
import { whichRoom } from '~/db/whichRoom'
import { download } from './download'

/**
 * A copy of the room without anything of the page: for when the page itself does not stand.
 * @returns false where nothing could be read
 */
export async function rescueCopy(): Promise<boolean> {
  const db = new RenatusDatabase(DATABASES[whichRoom()])
  try {
    const exportedAt = nowInstant()
    const text = await roomText(db, exportedAt)
    download(`renatus-rescue-${exportedAt.slice(0, 10)}.json`, 'application/json', text)
    return true
  } catch {
    return false
  } finally {
    db.close()
  }
}
