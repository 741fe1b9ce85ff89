import { expose } from 'comlink'
import { RenatusDatabase } from '~/db/database'
import { learnInto } from '~/db/learning'

/** Reads the log and writes what it teaches, off the page: the page hands over nothing but a name. */
const learner = {
  async learn(database: string): Promise<void> {
    const db = new RenatusDatabase(database)
    try {
      await learnInto(db)
    } finally {
      db.close()
    }
  },
}

export type Learner = typeof learner
expose(learner)
