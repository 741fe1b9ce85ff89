import type { Culture } from '../foods/culture'
import type { Lean } from '../estimation/observer'
import type { Observation } from '../estimation/observation'
import { randomStream } from '../math/random'
import type { Act, Decision } from './decision'
import type { FryTank } from './fryTank'
import type { Befalls, VesselScenario } from './scenario'
import type { Usual } from './usual'

/** A vessel of an exercise, as it really is and as it was handled. */
export interface GameVessel {
  usual: Usual
  temperatureC: number
  suits: readonly [number, number]
  /** Null until it is started. */
  culture: Culture | null
  /** A second one of the line, kept by its card. */
  spare: Culture | null
  startedDay: number
  /** What the learner saw and did, in hours since its start. */
  observations: Observation[]
  /** When each was done last. */
  last: Partial<Record<Act | 'look' | 'take', number>>
  starts: number
  /** Organisms that were drawn of it. */
  taken: number
}

/** What really happens, drawn once from the seed. */
export interface Hidden {
  swimDay: number
  befalls: { day: number; vessel: number | null; what: Befalls['what'] }[]
  /** How far the room is from its thermometer. */
  offC: number
  lean: Lean
}

export interface Game {
  scenario: VesselScenario
  seed: number
  day: number
  hidden: Hidden
  vessels: GameVessel[]
  /** By day: share of what the mouths wanted that they got, and whether something foul was in it; null on days without mouths. */
  fed: (number | null)[]
  foul: number
  /** The water in which the mouths live; null where it is no matter of the exercise. */
  tank: FryTank | null
  lost: number
  minutes: number
  /** Coins that starts, feeds and fresh media have cost. */
  coins: number
  decisions: Decision[]
}

/** A stream of chance of a game for one matter. */
export const streamFor = (seed: number, what: number) => randomStream(Math.imul(seed, 7919) + what)

export const hoursOf = (g: Game, v: GameVessel): number => (g.day - v.startedDay) * 24

/** What the mouths want of a vessel today, in its organisms; 0 on days on which they cannot or do not eat. */
export function wantOf(g: Game, v: GameVessel, swimDay = g.hidden.swimDay): number {
  const { mouths } = g.scenario
  const age = g.day - swimDay
  if (!mouths || age < 0 || age < v.suits[0] || age > v.suits[1]) return 0
  return v.usual.gives * mouths.wants * (1 + mouths.growth * age)
}
