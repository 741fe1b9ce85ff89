import type { Game } from './gameState'

/** What came of a game beside its goal. */
export interface Told {
  /** Days of food that the mouths got, and days on which they wanted some. */
  fed: number
  of: number
  /** Days on which they got less than half of what they wanted. */
  gaps: number
  foul: number
  /** Days in water worse than the mouths stand for long; null where the tank is no matter of the exercise. */
  badWater: number | null
  lost: number
  minutes: number
  coins: number
  /** Organisms that were drawn, by vessel. */
  taken: number[]
}

/** A day with less than this share of what is wanted is a gap. */
const GAP_BELOW = 0.5

/** Of a game that is over. */
export function toldOfGame(g: Game): Told {
  const days = g.fed.filter(f => f !== null)
  return {
    fed: days.reduce((a, b) => a + b, 0),
    of: days.length,
    gaps: days.filter(f => f < GAP_BELOW).length,
    foul: g.foul,
    badWater: g.tank ? g.tank.badDays : null,
    lost: g.lost,
    minutes: g.minutes,
    coins: g.coins,
    taken: g.vessels.map(v => v.taken),
  }
}
