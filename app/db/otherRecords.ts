import type { AnyRecord } from '@renatus/core/records/records'
import type { RenatusDatabase } from './database'

/**
 * Whatever is no culture, of which a room of years has thousands. Asked for in two goes: what lies beside something is read
 * one by one, what lies below it all at once.
 */
export async function otherRecords({ records }: RenatusDatabase): Promise<AnyRecord[]> {
  const [before, after] = await Promise.all([
    records.where('type').below('culture').toArray(),
    records.where('type').above('culture').toArray(),
  ])
  return [...before, ...after]
}
