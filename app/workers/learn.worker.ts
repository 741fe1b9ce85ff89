import { expose } from 'comlink'
import { RenatusDatabase } from '~/db/database'
import { learnInto } from '~/db/learning'
import { settle } from '~/db/settling'
import { WorkingRoom } from '~/db/workingRoom'

interface Open {
  db: RenatusDatabase
  /** The whole log, of which only what came is read again. */ whole: WorkingRoom
}
const rooms = new Map<string, Open>()

function open(name: string): Open {
  const known = rooms.get(name)
  if (known?.db.isOpen()) return known
  const db = new RenatusDatabase(name, 'relaxed')
  const whole = new WorkingRoom(db)
  whole.widen()
  rooms.set(name, { db, whole })
  return { db, whole }
}

/** Reads the log and writes what it teaches, off the page: the page hands over nothing but a name and the time. */
const learner = {
  async learn(database: string, now: string): Promise<void> {
    const { db, whole } = open(database)
    // The page waits for a shorter log, and for what it teaches longer than for that.
    await settle(db, whole, now)
    await learnInto(db, whole)
  },
}

export type Learner = typeof learner
expose(learner)
