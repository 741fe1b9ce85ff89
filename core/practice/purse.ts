import { minutesOf, type Act, type Decision } from './decision'
import type { Game, GameVessel } from './gameState'
import { coinsOf, costOf } from './prices'

/** Whether there are coins left for an act. */
export const canPay = (g: Game, v: GameVessel, act: Act): boolean =>
  coinsOf(g.coins, costOf(v, act)) <= (g.scenario.budget?.coins ?? Infinity)

/** What fits into the minutes of a day, in the order in which it was decided. */
export function inTime(g: Game, decisions: readonly Decision[]): Decision[] {
  let left = g.scenario.budget?.minutes ?? Infinity
  return decisions.filter(d => {
    const fits = minutesOf(d) <= left
    if (fits) left -= minutesOf(d)
    return fits
  })
}
