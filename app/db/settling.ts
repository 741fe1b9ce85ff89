import { addHours, type Instant } from '@renatus/core/time/localDate'
import { workingLog } from '@renatus/core/stock/working/workingLog'
import { keepCheckpoint } from './checkpoint'
import type { RenatusDatabase } from './database'
import { WorkingRoom } from './workingRoom'
import { WORTH_SETTLING } from './worthSettling'

/** What is younger stays at hand: the shelf shows eight weeks. */
const AT_HAND_D = 60
/** A working log is made again after so long. */
const RENEWED_D = 7

/** Whether a room's working log should be made, or made again: as whoever opens it now would find it. */
async function isDue(db: RenatusDatabase, now: Instant): Promise<boolean> {
  const { settled, count } = await new WorkingRoom(db).read()
  const old = addHours(now, -24 * (AT_HAND_D + RENEWED_D))
  return count >= WORTH_SETTLING && (settled.before < old || settled.before > now)
}

/**
 * Leaves out of a long log what the room's state does not hang on any more, and keeps the rest. Runs in a worker.
 * @param whole the room with all of its log
 */
export async function settle(db: RenatusDatabase, whole: WorkingRoom, now: Instant): Promise<void> {
  if (!(await isDue(db, now))) return
  await whole.fetchWhole()
  const { records, mark, entries, count, generation } = await whole.read()
  const made = workingLog(records, entries, addHours(now, -24 * AT_HAND_D))
  const last = entries.at(-1)!.id
  await keepCheckpoint(db, { ...made, mark, generation, count, last })
}
