import type { Tended } from '../../planning/amounts'
import { isDoubtful, tending, type TendingKind } from '../../planning/tending'
import { vesselAct } from '../../planning/vesselAct'
import type { CultureState } from '../../stock/cultures'
import { addHours, type Instant } from '../../time/localDate'
import { TAN } from '../../fry/tankLoad'
import { beliefOf, type Belief, type BeliefMemory } from '../belief'
import type { Act, Decision } from '../decision'
import { unionisedOf } from '../fryTank'
import { hoursOf, wantOf, type Game, type GameVessel } from '../gameState'
import { isOpen, weighTakes } from '../weigh'
import { atTank, doing, sayingOf, type Player } from './player'

/** An exercise has no date: any morning will do. */
const FIRST: Instant = '2026-03-01T06:00:00.000Z'
/** A round later in the day: what falls due until then is done now. */
const ROUND_H = 12
/** A vessel that must be ready by a day is started so many log spreads before its usual time. */
const EARLY_SDS = 1.3

const ACT: Partial<Record<TendingKind, Act>> = {
  'end': 'give up',
  'thin out': 'thin out',
  'feed': 'feed',
  'split': 'split',
  'change water': 'change water',
  'stir': 'stir',
  'renew': 'renew',
}

/** The vessel as the app's own rules know one. */
function tendedOf(g: Game, v: GameVessel, belief: Belief): Tended {
  const start = addHours(FIRST, v.startedDay * 24)
  const at = (h: number | undefined) => (h === undefined ? null : addHours(start, h))
  const { last } = v
  const record = { litres: v.usual.litres, startedAt: start, mother: false, kind: null }
  const culture = {
    record,
    startedAt: start,
    quarantine: null,
    seenAt: at(last.look),
    fedAt: at(last.feed),
    drawnAt: at(last.take),
    stirredAt: at(last.stir),
    changedAt: at(last['change water']),
    renewedAt: at(last.renew) ?? start,
    drawnMl: 0,
  } as unknown as CultureState
  const { food, method } = v.usual
  return { culture, food, method, reading: belief.reading, now: addHours(start, hoursOf(g, v)) }
}

function startNow(g: Game, v: GameVessel): boolean {
  const from = (g.scenario.mouths?.from ?? 0) + v.suits[0]
  const spread = g.scenario.mouths?.spreadDays ?? 0
  const late = v.usual.readyDay * (Math.exp(EARLY_SDS * v.usual.food.reliability.readyLogSd) - 1)
  return g.day >= from - v.usual.readyDay - late - spread
}

/** Whether a second vessel is worth today what the half that goes into it would have fed. */
function splitPays(g: Game, v: GameVessel, belief: Belief): boolean {
  if (!isOpen('split', g, v, belief)) return false
  const [split, wait] = (['split', 'wait'] as const).map(a => weighTakes(g, v, belief, a)[0])
  return (split?.value ?? 0) >= (wait?.value ?? 0)
}

function adviceFor(g: Game, v: GameVessel, i: number, memory: BeliefMemory): Decision {
  if (!v.culture) return doing(g, i, { act: startNow(g, v) ? 'start' : 'wait' })
  const belief = beliefOf(g, v, memory)!
  const tended = tendedOf(g, v, belief)
  const backup = { code: v.spare ? ('safe' as const) : ('only' as const), others: [], lost: null }
  const until = addHours(tended.now, ROUND_H)
  const due = tending(tended, backup)
  // A split that does not pay yet keeps nothing else from being done.
  const pays = due.some(t => t.kind === 'split') && splitPays(g, v, belief)
  const asked = due.filter(t => t.kind !== 'split' || pays)
  const said = vesselAct({ entries: [], now: tended.now }, tended, asked, until)
  const act = (said && ACT[said.kind]) ?? 'wait'
  const done = isOpen(act, g, v, belief) ? act : 'wait'
  const [best] = weighTakes(g, v, belief, done)
  const lookDue = due.some(t => t.kind === 'look' && t.at <= until)
  const look = lookDue || isDoubtful(tended)
  return doing(g, i, { look, take: best?.take ?? 0, act: done, ...sayingOf(belief) })
}

/** A chart has steps: water is changed from so near to what they stand for long on. */
const NEAR = 0.7
/** Tested on every day on which they feed, and changed by what the last test said. */
function tank(g: Game): Decision[] {
  if (!g.tank) return []
  const feeds = g.vessels.some(v => wantOf(g, v) > 0)
  const last = g.tank.tests.at(-1)
  const isNew = last !== undefined && last.day === g.day - 1
  const isNear = isNew && unionisedOf(g.tank.plan, last.mgL) > NEAR * TAN.longTermMgL
  return [atTank(g, { look: feeds, act: isNear ? 'change water' : 'wait' })]
}

/** What Renatus says, followed blindly. */
export const advice: Player = {
  decide: (g, memory) => [...tank(g), ...g.vessels.map((v, i) => adviceFor(g, v, i, memory))],
}
