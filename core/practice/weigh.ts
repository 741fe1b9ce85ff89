import { systematic, weightsOf } from '../estimation/cloud'
import { isLost } from '../planning/tending'
import { randomStream } from '../math/random'
import type { Belief } from './belief'
import type { Culture } from '../foods/culture'
import type { Act } from './decision'
import { hoursOf, wantOf, type Game, type GameVessel } from './gameState'
import { choicesAt, valueOn, type Choice } from './rollout'

/** A decision with what it is worth by a belief, in days of food. */
export interface Weighed extends Choice {
  value: number
}

/** Courses on which every choice is tried, and those on which the best of them are tried again. */
const FIRST = 6
const AGAIN = 18
const KEPT = 8
const SEED = 31

/** What counts as in use, and from which part of its usual time on a vessel may be given up. */
const IN_USE_FROM = 0.5
const PATIENT = 0.6
/** Whether an act is open: nothing is split that was not good yet, and a young vessel that looks bad to one eye is waited for. */
export function isOpen(act: Act, g: Game, v: GameVessel, { reading }: Belief): boolean {
  const r = reading.estimate.readiness
  if (act === 'split') return r.ready + r.tiring > IN_USE_FROM
  if (act !== 'give up') return true
  return isLost({ reading }) && hoursOf(g, v) > PATIENT * v.usual.readyDay * 24
}

/** Fair draws of a belief. */
export function coursesOf({ cloud }: Belief, n: number): Culture[] {
  const u = randomStream(SEED).next()
  return systematic(weightsOf(cloud), n, u).map(i => cloud[i]!.culture)
}
/** What a decision is worth by what could be known of a vessel. */
export const worthOf = (g: Game, v: GameVessel, belief: Belief, choice: Choice): number =>
  valueOn(g, v, coursesOf(belief, AGAIN), choice)

/** What may be decided, weighed by a belief, the best first. */
export function weigh(g: Game, v: GameVessel, belief: Belief, want = wantOf(g, v)): Weighed[] {
  const { p10, p50 } = belief.reading.estimate.organisms
  const few = coursesOf(belief, FIRST)
  // What is wanted is drawn as if there were less than the middle: a mouth that gets too little goes hungry.
  const sure = Math.sqrt(Math.max(1, p10) * Math.max(1, p50))
  const first = choicesAt(g, v, want, sure)
    .filter(c => isOpen(c.act, g, v, belief))
    .map(c => ({ ...c, value: valueOn(g, v, few, c) }))
  const best = first.toSorted((a, b) => b.value - a.value).slice(0, KEPT)
  const more = coursesOf(belief, AGAIN)
  return best
    .map(c => ({ ...c, value: valueOn(g, v, more, c) }))
    .toSorted((a, b) => b.value - a.value)
}

/** Draws beside an act that is decided already, the best first. */
export function weighTakes(g: Game, v: GameVessel, belief: Belief, act: Act): Weighed[] {
  const { p10, p50 } = belief.reading.estimate.organisms
  const sure = Math.sqrt(Math.max(1, p10) * Math.max(1, p50))
  const courses = coursesOf(belief, AGAIN)
  return choicesAt(g, v, wantOf(g, v), sure)
    .filter(c => c.act === act)
    .map(c => ({ ...c, value: valueOn(g, v, courses, c) }))
    .toSorted((a, b) => b.value - a.value)
}
