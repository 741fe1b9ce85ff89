import * as z from 'zod'
import { playedGame, type PlayedGame } from './playedGame'

/** More exercises than anybody plays. */
const MOST = 20_000
const list = z.array(z.unknown()).max(MOST)

/** What a file of practice holds; or why it holds nothing that can be read. */
export type PracticeFile =
  { games: PlayedGame[]; unread: number } | { problem: 'not-json' | 'not-practice' }

/** Exercises as text that this or another device reads again. */
export const practiceText = (games: readonly PlayedGame[]): string => JSON.stringify(games, null, 1)

function parsed(text: string): { json: unknown } | null {
  try {
    return { json: JSON.parse(text) as unknown }
  } catch {
    return null
  }
}

/** Reads exercises; those that cannot be read are counted and left out. */
export function readPracticeText(text: string): PracticeFile {
  const json = parsed(text)
  if (!json) return { problem: 'not-json' }
  const found = list.safeParse(json.json)
  if (!found.success) return { problem: 'not-practice' }
  const games = found.data.flatMap(g => playedGame.safeParse(g).data ?? [])
  if (games.length === 0 && found.data.length > 0) return { problem: 'not-practice' }
  return { games, unread: found.data.length - games.length }
}

/** Of two that are one exercise, the one that went further: with a result, or with more decided. */
function isFurther(a: PlayedGame, b: PlayedGame): boolean {
  const [hasA, hasB] = [a.result !== null, b.result !== null]
  return hasA === hasB ? a.decisions.length > b.decisions.length : hasA
}

/** Those of a file that tell more than what is here: new ones, and those that went further. */
export function newerGames(
  here: readonly PlayedGame[],
  theirs: readonly PlayedGame[],
): PlayedGame[] {
  const known = new Map(here.map(g => [g.id, g]))
  return theirs.filter(g => {
    const mine = known.get(g.id)
    return !mine || isFurther(g, mine)
  })
}
