import { expose } from 'comlink'
import { demoRoom } from '@demo/demoRoom'
import { RenatusDatabase } from '~/db/database'
import { keepBeliefs } from '~/db/keepBeliefs'
import { keepLearning } from '~/db/learned'
import { renewGames } from '~/db/practiceBook'
import { putRoom } from '~/db/transfer'

async function fetchWeeks(): Promise<string> {
  const answer = await fetch(new URL('/loft.json', self.location.origin))
  if (!answer.ok) throw new Error(`the weeks of the demo room did not come (${answer.status})`)
  return answer.text()
}
let weeks: Promise<string> | null = null

/** Moves the demo's eight weeks to today and writes them, off the page. They were lived when the app was built. */
const maker = {
  /** Fetches them: the page meanwhile finds out whether the room is to be made. */
  awake: (): void => {
    weeks ??= fetchWeeks()
    // Who makes it tells that they did not come.
    weeks.catch(() => null)
  },
  async make(database: string, now: string, timeZone: string): Promise<void> {
    weeks ??= fetchWeeks()
    const { file, learning, readings, practice } = demoRoom(await weeks, now, timeZone)
    const db = new RenatusDatabase(database)
    // It comes with what its log has taught: only what the day brought is learned here.
    await keepLearning(db, learning)
    if (readings) await keepBeliefs(db, file, readings)
    await putRoom(db, file)
    db.close()
    await renewGames('demo', practice)
  },
}

export type DemoMaker = typeof maker
expose(maker)
