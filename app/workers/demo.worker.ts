import { expose } from 'comlink'
import { demoRoom } from '@demo/demoRoom'
import { RenatusDatabase } from '~/db/database'
import { keepBeliefs } from '~/db/keepBeliefs'
import { keepLearning } from '~/db/learned'
import { renewGames } from '~/db/practiceBook'
import { putRoom } from '~/db/putRoom'
import type { Instant } from '@renatus/core/time/localDate'

/** Told by its name: an error that leaves a worker is of no class any more. */
class FetchFailed extends Error {
  override name = 'FetchFailed'
}

async function fetchWeeks(): Promise<string> {
  const answer = await fetch(new URL('/loft.json', self.location.origin)).catch(() => null)
  if (!answer?.ok) throw new FetchFailed('the weeks of the demo room did not come')
  return answer.text()
}

interface Asked {
  database: string
  now: Instant
  timeZone: string
}

/** What is written, and into what. */
async function prepare({ database, now, timeZone }: Asked) {
  // A room that can be made anew at any time waits for no disk.
  const db = new RenatusDatabase(database, 'relaxed')
  const [weeks] = await Promise.all([fetchWeeks(), db.open()])
  return { db, room: demoRoom(weeks, now, timeZone) }
}
type Prepared = ReturnType<typeof prepare>
let prepared: { asked: string; room: Prepared } | null = null

/** The room for a question, once; one that did not come is tried again. */
function preparedFor(asked: Asked): Prepared {
  const of = JSON.stringify(asked)
  if (prepared?.asked === of) return prepared.room
  const room = prepare(asked)
  prepared = { asked: of, room }
  room.catch(() => {
    if (prepared?.room === room) prepared = null
  })
  return room
}

/** Moves the demo's eight weeks to today and writes them, off the page. They were lived when the app was built. */
const maker = {
  /** Gets it ready: the page meanwhile finds out whether the room is to be made. */
  awake(asked: Asked): void {
    // Who makes it tells that it did not come.
    preparedFor(asked).catch(() => null)
  },
  async make(asked: Asked): Promise<void> {
    const { db, room } = await preparedFor(asked)
    // It comes with what its log has taught: only what the day brought is learned here.
    await keepLearning(db, room.learning)
    await keepBeliefs(db, room.file, room.readings)
    await putRoom(db, room.file)
    db.close()
    await renewGames('demo', room.practice)
  },
}

export type DemoMaker = typeof maker
expose(maker)
