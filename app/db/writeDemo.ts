import type { DemoRoom } from '@demo/demoRoom'
import { RenatusDatabase } from './database'
import { keepBeliefs } from './keepBeliefs'
import { keepLearning } from './learned'
import { renewGames } from './practiceBook'
import { putRoom, type Put } from './putRoom'

/** Writes a demo room in the place of what is there, with what its log taught and what is believed. */
export async function writeDemo(database: string, room: DemoRoom): Promise<Put> {
  // A room that can be made anew at any time waits for no disk.
  const db = new RenatusDatabase(database, 'relaxed')
  try {
    // It comes with what its log has taught: only what the day brought is learned here.
    await keepLearning(db, room.learning)
    await keepBeliefs(db, room.file, room.readings)
    const put = await putRoom(db, room.file)
    await renewGames('demo', room.practice)
    return put
  } finally {
    db.close()
  }
}
