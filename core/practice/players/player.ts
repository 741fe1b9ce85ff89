import type { RandomStream } from '../../math/random'
import type { Belief, BeliefMemory } from '../belief'
import type { Decision } from '../decision'
import { TANK } from '../fryTank'
import type { Game } from '../gameState'

/** Somebody who decides: for every vessel of a day. */
export interface Player {
  decide(g: Game, memory: BeliefMemory, chance: RandomStream): Decision[]
}

export const doing = (g: Game, vessel: number, d: Partial<Decision> = {}): Decision => ({
  day: g.day,
  vessel,
  look: false,
  take: 0,
  act: 'wait',
  ...d,
})

/** What is seen and how sure, as a belief says it. */
export function sayingOf(b: Belief): Pick<Decision, 'saw' | 'sure'> {
  const steps = [0.42, 0.6, 0.78, 0.91]
  return { saw: b.saw, sure: 1 + steps.filter(s => b.sure > s).length }
}

/** Fresh water for the mouths, or a test of what they have. */
export const atTank = (g: Game, d: Pick<Partial<Decision>, 'look' | 'act'>): Decision =>
  doing(g, TANK, d)
