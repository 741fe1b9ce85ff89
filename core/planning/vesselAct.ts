import type { VesselAct } from '../estimation/actWorth'
import { ofKind } from '../records/effectiveEntries'
import type { RoomState } from '../stock/roomState'
import { hoursBetween, toMs, type Instant } from '../time/localDate'
import type { Tended } from './amounts'
import { gainOf } from './gainOf'
import { isDoubtful, type Tending, type TendingKind } from './tending'

/** What an act is decided by beside its vessel. */
type Logged = Pick<RoomState, 'entries' | 'now'>

/** What the models call an act that falls due. */
const ACT: Partial<Record<TendingKind, VesselAct>> = {
  'thin out': 'thin',
  'feed': 'feed',
  'split': 'split',
  'renew': 'renew',
}
const LOGGED: Partial<Record<TendingKind, string>> = {
  'thin out': 'takeOut',
  'split': 'split',
  'renew': 'renew',
}
/** Share of a week's worth that an act may cost before it is not advised. */
const MAY_COST: Partial<Record<TendingKind, number>> = { feed: 0.1, split: 0.5, renew: 0.4 }
/** What a school does by the day, whatever else is worth. */
const BY_SCHOOL: readonly TendingKind[] = ['change water', 'stir']
/** From this gain on knowing more before acting is worth a look. */
const LOOK_GAINS_FROM = 0.05
const REPEAT_H = 24

/** What is gained by what falls due; 0 for what is no act of the models. */
function gain(v: Tended, { kind }: Tending): number {
  const act = ACT[kind]
  return act ? gainOf(v, act) : 0
}

/** The same act within a day: it did not help, and is not advised again. */
function wasTried(state: Logged, v: Tended, kind: TendingKind): boolean {
  const action = LOGGED[kind]
  if (!action) return false
  return ofKind(state.entries, 'culture.did').some(
    e =>
      e.data.cultureId === v.culture.id &&
      e.data.action === action &&
      hoursBetween(e.at, state.now) < REPEAT_H,
  )
}

/**
 * The one thing to do at a vessel among all that have fallen due: what the model expects most of over the coming week.
 * Null where it is best left alone.
 */
export function vesselAct(
  state: Logged,
  v: Tended,
  due: readonly Tending[],
  until: Instant,
): Tending | null {
  const now = due.filter(t => toMs(t.at) <= toMs(until))
  const end = now.find(t => t.kind === 'end')
  if (end) return end
  const helps = now.filter(t => {
    if (!ACT[t.kind] || wasTried(state, v, t.kind)) return false
    const cost = MAY_COST[t.kind]
    return cost === undefined ? gain(v, t) > 0 : gain(v, t) >= -cost
  })
  const best = helps.reduce<Tending | null>(
    (a, b) => (a === null || gain(v, b) > gain(v, a) ? b : a),
    null,
  )
  const usual = now.find(t => BY_SCHOOL.includes(t.kind)) ?? null
  return best ?? usual
}

/** Whether a look at a vessel is due that could change what is done. */
export function lookWorth(v: Tended, due: readonly Tending[], until: Instant): Tending | null {
  const look = due.find(t => t.kind === 'look')
  if (!look || toMs(look.at) > toMs(until)) return null
  const worth = isDoubtful(v) || v.reading.acts.lookGains >= LOOK_GAINS_FROM
  if (!worth) return null
  return isDoubtful(v) ? { ...look, because: 'It may be going wrong.' } : look
}
