import type { Readiness } from '../../dynamics/contract'
import { TAN } from '../../fry/tankLoad'
import type { Decision } from '../decision'
import { unionisedOf } from '../fryTank'
import { wantOf, type Game, type GameVessel } from '../gameState'
import { readinessOf } from '../looksOf'
import { choicesAt, valueOn } from '../rollout'
import { atTank, doing, type Player } from './player'

const EARLY_D = 2

function best(g: Game, v: GameVessel, i: number): Decision {
  if (!v.culture) {
    const from = g.hidden.swimDay + v.suits[0]
    return doing(g, i, { act: g.day >= from - v.usual.readyDay - EARLY_D ? 'start' : 'wait' })
  }
  const c = v.culture
  const has = c.family.stock(c.state, c.params).organisms
  const values = choicesAt(g, v, wantOf(g, v), has).map(choice => ({
    choice,
    value: valueOn(g, v, [c], choice),
  }))
  const { choice } = values.reduce((a, b) => (b.value > a.value + 1e-9 ? b : a))
  const saw: Readiness = readinessOf(c)
  return doing(g, i, { ...choice, saw, sure: 5 })
}

/** Water is changed before it is worse than they stand for long. */
const BEFORE = 0.8
function tank(g: Game) {
  if (!g.tank) return []
  const isDue = unionisedOf(g.tank.plan, g.tank.tanMgL) > BEFORE * TAN.longTermMgL
  return [atTank(g, { act: isDue ? 'change water' : 'wait' })]
}

/** Knows what is in every vessel and does what is worth most, as far as the weather can be known. */
export const perfect: Player = {
  decide: g => [...tank(g), ...g.vessels.map((v, i) => best(g, v, i))],
}
