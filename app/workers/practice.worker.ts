import { expose } from 'comlink'
import { playedGame, type PlayedGame } from '@renatus/core/practice/playedGame'
import { practise, type Practised } from '@renatus/core/practice/practise'
import { scenarioFor } from '@renatus/core/practice/scenarioFor'
import { drawTakenOver, type TakenOver } from '@renatus/core/practice/takenOver'

/** Makes accounts off the page: every decision is tried against what could have been known. */
const teacher = {
  /** @param lived called after each day that is accounted for */
  account: (game: PlayedGame, lived: (done: number, of: number) => void): Practised | null => {
    const { seed, decisions, ...of } = playedGame.parse(game)
    const s = scenarioFor(of)
    return s && practise(s, seed, decisions, lived)
  },
  /** Draws the vessels that stood before the first day. */
  takenOver: (game: PlayedGame): (TakenOver | null)[] => {
    const { seed, ...of } = playedGame.parse(game)
    const s = scenarioFor(of)
    return s && s.kind !== 'look' && s.kind !== 'hands' ? drawTakenOver(s, seed) : []
  },
}

export type Teacher = typeof teacher
expose(teacher)
