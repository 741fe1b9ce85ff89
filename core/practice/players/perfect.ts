import type { Readiness } from '../../dynamics/contract'
import type { Decision } from '../decision'
import { readinessOf, wantOf, type Game, type GameVessel } from '../game'
import { choicesAt, valueOn } from '../rollout'
import { doing, type Player } from './player'

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

/** Knows what is in every vessel and does what is worth most, as far as the weather can be known. */
export const perfect: Player = {
  decide: g => g.vessels.map((v, i) => best(g, v, i)),
}
