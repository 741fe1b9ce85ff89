import { expose } from 'comlink'
import { demoRoom } from '@demo/demoRoom'
import { RenatusDatabase } from '~/db/database'
import { keepLearning } from '~/db/learned'
import { renewGames } from '~/db/practiceBook'
import { putRoom } from '~/db/transfer'

/** Moves the demo's eight weeks to today and writes them, off the page. They were lived when the app was built. */
const maker = {
  async make(database: string, now: string, timeZone: string): Promise<void> {
    const answer = await fetch(new URL('/loft.json', self.location.origin))
    if (!answer.ok) throw new Error(`the weeks of the demo room did not come (${answer.status})`)
    const { file, learning, practice } = demoRoom(await answer.text(), now, timeZone)
    const db = new RenatusDatabase(database)
    // It comes with what its log has taught: only what the day brought is learned here.
    await keepLearning(db, learning)
    await putRoom(db, file)
    db.close()
    await renewGames('demo', practice)
  },
}

export type DemoMaker = typeof maker
expose(maker)
