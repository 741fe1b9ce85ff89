import Dexie, { type EntityTable } from 'dexie'
import { playedGame, type PlayedGame } from '@renatus/core/practice/playedGame'
import { newerGames } from '@renatus/core/practice/practiceFile'
import type { WhichRoom } from './databaseNames'

/** Exercises are kept in databases of their own: nothing of them ever touches a room. */
class PracticeDatabase extends Dexie {
  games!: EntityTable<PlayedGame, 'id'>
  constructor(name: string) {
    super(name, { chromeTransactionDurability: 'strict' })
    this.version(1).stores({ games: 'id, learner, startedAt' })
  }
}

const NAMES: Readonly<Record<WhichRoom, string>> = {
  own: 'renatus-practice',
  demo: 'renatus-practice-demo',
}
const opened = new Map<WhichRoom, PracticeDatabase>()
function practiceDb(beside: WhichRoom): PracticeDatabase {
  const db = opened.get(beside) ?? new PracticeDatabase(NAMES[beside])
  opened.set(beside, db)
  return db
}

/** Every exercise that can be read, the oldest first; what cannot be read stays where it is. */
export async function allGames(beside: WhichRoom): Promise<PlayedGame[]> {
  const stored: unknown[] = await practiceDb(beside).games.orderBy('startedAt').toArray()
  return stored.flatMap(g => playedGame.safeParse(g).data ?? [])
}
export const gameOf = async (beside: WhichRoom, id: string): Promise<PlayedGame | null> =>
  playedGame.safeParse(await practiceDb(beside).games.get(id)).data ?? null
export const keepGame = (beside: WhichRoom, g: PlayedGame) =>
  practiceDb(beside).games.put(playedGame.parse(JSON.parse(JSON.stringify(g))))

/** Keeps what a file tells more than what is here; how many. */
export async function keepFrom(beside: WhichRoom, theirs: readonly PlayedGame[]): Promise<number> {
  const db = practiceDb(beside)
  return db.transaction('rw', db.games, async () => {
    const stored: unknown[] = await db.games.toArray()
    const here = stored.flatMap(g => playedGame.safeParse(g).data ?? [])
    const more = newerGames(here, theirs)
    await db.games.bulkPut(more)
    return more.length
  })
}

/** All of them are made anew: beside the demo room, which is. */
export async function renewGames(beside: 'demo', games: readonly PlayedGame[]): Promise<void> {
  const db = practiceDb(beside)
  await db.transaction('rw', db.games, async () => {
    await db.games.clear()
    await db.games.bulkPut([...games])
  })
}
