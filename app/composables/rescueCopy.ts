import { DATABASES, RenatusDatabase } from '~/db/database'
import { roomText } from '~/db/transfer'
import { local } from '~/db/local'
import { download } from './download'

/**
 * A copy of the room without anything of the page: for when the page itself does not stand.
 * @returns false where nothing could be read
 */
export async function rescueCopy(): Promise<boolean> {
  const which = local.get('renatus.which') === 'demo' ? 'demo' : 'own'
  const db = new RenatusDatabase(DATABASES[which])
  try {
    const exportedAt = new Date().toISOString()
    const text = await roomText(db, exportedAt)
    download(`renatus-rescue-${exportedAt.slice(0, 10)}.json`, 'application/json', text)
    return true
  } catch {
    return false
  } finally {
    db.close()
  }
}
