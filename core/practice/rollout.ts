import type { Readiness } from '../dynamics/contract'
import {
  copyCulture,
  keptByCard,
  runCulture,
  startCulture,
  withoutUpkeep,
  type Culture,
} from '../foods/culture'
import { actOn, drawFrom } from './actOn'
import { aliveOf, FOUL_COSTS } from './game'
import { wantOf, type Game, type GameVessel } from './gameState'
import { isFoul, readinessOf } from './looksOf'
import type { Act } from './decision'

/** How far a decision is followed, days. */
export const AHEAD_D = 10
/** What stands at the end is worth so many days of food. */
const LEFT_IS_WORTH = 6
/** A line with two vessels outlives what ends one of them, in days of food. */
const SPARE_IS_WORTH = 1.5

/** What the hand and the risk of an act cost, in days of food: a fresh start may fail, and is not done for a small gain. */
const COSTS: Partial<Record<Act, number>> = {
  'give up': 1.5,
  'renew': 0.3,
  'split': 0.3,
  'thin out': 0.1,
  'feed': 0.05,
  'change water': 0.05,
  'stir': 0.02,
}

/** A day's food too much in a tank that nobody filters, in days of food: it rots there (working estimate). */
const LEFT_COSTS = 0.2

const BUILDS: readonly Readiness[] = ['resting', 'building']

export interface Choice {
  take: number
  act: Act
  amount?: number
}

/**
 * How a vessel is drawn from later on: as much as the mouths want; no larger a part of it than it usually bears; or that, and
 * nothing while it still builds up.
 */
const LATER = ['wanted', 'borne', 'rested'] as const
type Later = (typeof LATER)[number]

/** The part of a vessel that mouths would have of one that gives what is usual. */
const borneBy = (g: Game, v: GameVessel): number =>
  Math.min(0.5, (g.scenario.mouths?.wants ?? 0) * v.usual.share)

/** What a decision is worth on the mean of some courses of a vessel, drawn from later on in the way that is better for it. */
export function valueOn(
  g: Game,
  v: GameVessel,
  courses: readonly Culture[],
  choice: Choice,
): number {
  const means = LATER.map(
    later => courses.reduce((sum, c) => sum + valueOf(g, v, c, choice, later), 0) / courses.length,
  )
  return Math.max(...means)
}

/** Days of food that so many rations are. */
function fedBy(g: Game, rations: number, foul: boolean): number {
  const left = g.tank ? LEFT_COSTS * Math.max(0, rations - 1) : 0
  return (foul ? -FOUL_COSTS : Math.min(1, rations)) - left
}

/**
 * What a decision is worth for one course of a vessel, in days of food over the days to come: it is done, and then the vessel is
 * kept by its card and drawn from.
 */
function valueOf(g: Game, v: GameVessel, course: Culture, choice: Choice, later: Later): number {
  const begun = choice.act === 'give up' ? anew(v) : null
  // Today only what is decided is done; from tomorrow on the card does it.
  const c: Culture = { ...copyCulture(begun ?? course), upkeep: [] }
  const day = g.day
  const swim = g.scenario.mouths?.from === null ? g.hidden.swimDay : (g.scenario.mouths?.from ?? 0)
  let fed = 0
  const eat = (share: number | null, today: number) => {
    const want = wantOf({ ...g, day: today }, v, swim)
    if (share === 0) return
    const has = c.family.stock(c.state, c.params).organisms
    if (share === null && later === 'rested' && BUILDS.includes(readinessOf(c))) return
    const most = later === 'wanted' ? 0.5 : borneBy(g, v)
    const wanted = want > 0 && has > 0 ? Math.min(most, want / has) : 0
    const foul = isFoul(c)
    if (share === null && (foul || wanted === 0)) return
    const came = drawFrom(c, share ?? wanted)
    if (want > 0) fed += fedBy(g, came / want, foul)
  }
  if (!begun) eat(choice.take, day)
  actOn(c, choice.act, choice.amount ?? 1)
  const { upkeep } = withoutUpkeep(keptByCard(c), ['takeOut'])
  for (let d = 1; d <= AHEAD_D; d++) {
    runCulture(c, 24, () => v.temperatureC, null)
    c.upkeep = upkeep
    eat(null, day + d)
  }
  const stands = standsOf(v, c) * (begun ? 1 - v.usual.food.reliability.failure : 1)
  const spare = choice.act === 'split' && v.spare === null ? SPARE_IS_WORTH * stands : 0
  return fed + LEFT_IS_WORTH * stands + spare - (COSTS[choice.act] ?? 0)
}

/** A vessel fuller than usual counts for more, up to this many: it bears a bad week, and what is taken to renew it. */
const FULLEST = 1.5

/** How much of what such a vessel usually holds stands. */
function standsOf(v: GameVessel, c: Culture): number {
  const usual = v.usual.gives / Math.max(0.01, v.usual.share)
  const has = c.family.stock(c.state, c.params).organisms
  return aliveOf(c) * Math.min(FULLEST, Math.sqrt(has / usual))
}
/** What stands instead when a vessel is given up: its second one, or a fresh start. */
const anew = (v: GameVessel): Culture =>
  v.spare ?? startCulture(v.usual.food, v.usual.method, { volumeL: v.usual.litres }, null)

/** What may be decided at a vessel: every act with no draw, what is wanted, twice that, and what it usually bears. */
export function choicesAt(g: Game, v: GameVessel, want: number, has: number): Choice[] {
  const share = has > 0 ? Math.min(0.5, want / has) : 0
  const some = [share, Math.min(0.5, 2 * share), Math.min(share, borneBy(g, v))]
  const takes = share > 0 ? [...new Set([0, ...some])] : [0]
  const acts: Act[] = ['wait', 'thin out', 'renew', 'give up']
  if (v.usual.method.feed) acts.push('feed')
  if (!v.spare) acts.push('split')
  if (v.usual.method.upkeep.some(u => u.action === 'waterChange')) acts.push('change water')
  if (v.usual.method.upkeep.some(u => u.action === 'stir')) acts.push('stir')
  return acts.flatMap(act => takes.map(take => ({ take, act })))
}
