import Dexie, { type EntityTable } from 'dexie'
import { playedGame, type PlayedGame } from '@renatus/core/practice/playedGame'

/** Exercises are kept in a database of their own: nothing of them ever touches a room. */
class PracticeDatabase extends Dexie {
  games!: EntityTable<PlayedGame, 'id'>
  constructor() {
    super('renatus-practice', { chromeTransactionDurability: 'strict' })
    this.version(1).stores({ games: 'id, learner, startedAt' })
  }
}

let opened: PracticeDatabase | null = null
const practiceDb = (): PracticeDatabase => (opened ??= new PracticeDatabase())

/** Every exercise that can be read, the oldest first; what cannot be read stays where it is. */
export async function allGames(): Promise<PlayedGame[]> {
  const stored: unknown[] = await practiceDb().games.orderBy('startedAt').toArray()
  return stored.flatMap(g => playedGame.safeParse(g).data ?? [])
}
export const gameOf = async (id: string): Promise<PlayedGame | null> =>
  playedGame.safeParse(await practiceDb().games.get(id)).data ?? null
export const keepGame = (g: PlayedGame) =>
  practiceDb().games.put(playedGame.parse(JSON.parse(JSON.stringify(g))))
