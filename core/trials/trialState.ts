import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import type { TrialRecord } from '../records/records'
import type { TrialEnd } from '../records/vocabulary'
import { daysBetween, type Instant } from '../time/localDate'
import {
  LESS_IS_BETTER,
  USUAL_SPREAD,
  type Hits,
  type Spread,
  type TrialResult,
  type Valued,
} from './arms'
import { ASKS, LOOKED_AT_BLIND } from './asks'
import { pooledSpread } from './readLogs'
import { readTrial } from './readTrial'
import type { MemberRead, TrialRoom } from './member'
import { memberValues } from './values'

export type TrialAnswer = EntryData<'trial.ended'> & { at: Instant }

/** A trial as it stands. Plain data. */
export interface TrialState {
  id: string
  members: MemberRead[]
  /** Arms of which a vessel says something. */
  told: number
  /** Null until two arms say something. */
  result: TrialResult | null
  /** How like vessels scatter, with what these showed; null for shares. */
  spread: Spread | null
  /** Somebody has looked up which is which. */
  opened: boolean
  /** Its last day is over. */
  over: boolean
}

const SEED = 11
/** A room's own scatter counts no more than so many vessels. */
const MOST_DF = 12

/** The scatter of like vessels as the room's last trial of the same question left it. */
export function spreadOf(
  asks: TrialRecord['asks'],
  trials: readonly TrialRecord[],
  entries: readonly Entry[],
): Spread {
  const same = new Set(trials.filter(t => t.asks === asks).map(t => t.id))
  const last = ofKind(entries, 'trial.ended').findLast(
    e => same.has(e.data.trialId) && e.data.spread !== null,
  )
  const known = last?.data.spread
  return known ? { sd: known.sd, df: Math.min(MOST_DF, known.df) } : USUAL_SPREAD
}

interface Armed<T> {
  id: string
  vessels: T[]
}
/** Vessels that say something, arm by arm. */
const armsOf = (trial: TrialRecord, members: readonly MemberRead[]): Armed<Valued | Hits>[] =>
  trial.arms
    .map(a => ({
      id: a.id,
      vessels: members.flatMap(m => (m.armId === a.id && m.value) || []),
    }))
    .filter(a => a.vessels.length > 0)

function resultOf(
  { asks }: TrialRecord,
  arms: readonly Armed<Valued | Hits>[],
  spread: Spread,
): TrialResult | null {
  const { measure } = ASKS[asks]
  if (arms.length < 2) return null
  return measure === 'share'
    ? readTrial({ measure, arms: arms as Armed<Hits>[] }, SEED)
    : readTrial({ measure, arms: arms as Armed<Valued>[] }, SEED, spread)
}

/** Where a trial stands: what its vessels say, what the arms come to, what was remembered of it. */
export function trialState(
  trial: TrialRecord,
  room: TrialRoom,
  spread: Spread = USUAL_SPREAD,
): TrialState {
  const members = memberValues(trial, room)
  const mine = (e: { data: { trialId: string } }) => e.data.trialId === trial.id
  const arms = armsOf(trial, members)
  const isLog = ASKS[trial.asks].measure !== 'share'
  return {
    id: trial.id,
    members,
    told: new Set(members.flatMap(m => (m.value ? m.armId : []))).size,
    result: resultOf(trial, arms, spread),
    spread: isLog && arms.length > 0 ? pooledSpread(arms as Armed<Valued>[], spread) : null,
    opened:
      !trial.planned ||
      !LOOKED_AT_BLIND.includes(ASKS[trial.asks].kind) ||
      ofKind(room.entries, 'trial.opened').some(mine),
    over: daysBetween(trial.startedAt.slice(0, 10), room.today) >= trial.untilDays,
  }
}

/** How a trial ends that ends now. */
export function endOf(result: TrialResult | null): TrialEnd {
  if (result?.settled) return 'settled'
  return result?.alike ? 'alike' : 'stopped'
}

/** What is remembered of a trial when it ends now. */
export function answerOf(
  trial: TrialRecord,
  { result, members, spread }: Pick<TrialState, 'result' | 'members' | 'spread'>,
): EntryData<'trial.ended'> {
  const arms = (result?.arms ?? []).map(a => ({
    ...a,
    name: trial.arms.find(x => x.id === a.id)!.name,
    vessels: members.filter(m => m.armId === a.id && m.value).length,
  }))
  return { trialId: trial.id, how: endOf(result), spread, arms }
}

/** The arms of an answer, the best first. */
export const inOrder = (answer: Pick<TrialAnswer, 'arms'>, asks: TrialRecord['asks']) =>
  answer.arms.toSorted((a, b) =>
    LESS_IS_BETTER[ASKS[asks].measure] ? a.mean - b.mean : b.mean - a.mean,
  )
