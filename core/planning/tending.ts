import type { FamilyId } from '../dynamics/contract'
import type { Backup } from '../stock/lines'
import { addHours, hoursBetween, type Instant } from '../time/localDate'
import { feedAmount, topUpMl, type Tended } from './amounts'
import { gainOf } from './gainOf'

export const TENDING = [
  'end',
  'thin out',
  'feed',
  'split',
  'change water',
  'stir',
  'renew',
  'top up',
  'look',
] as const
export type TendingKind = (typeof TENDING)[number]

/** Something a culture wants, when, and why. */
export interface Tending {
  kind: TendingKind
  at: Instant
  because: string
}

/** Hours after which an unseen vessel may have become another one: fast families show it within a day. */
export const LOOK_AFTER_H: Record<FamilyId, number> = {
  'hatch': 12,
  'succession': 24,
  'consumer': 24,
  'stage-clock': 24,
  'phototroph': 48,
  'logistic': 72,
}
/** Two rounds of a day lie at least so far apart: what clears is fed at each. */
const ROUND_H = 8
const LOST_FROM = 0.8
const PAST_HELP_FROM = 0.9
/** An act helps from this share of what a fresh start in the same vessel gives over a week. */
const HELPS_FROM = 0.05
const DOUBTFUL_FROM = 0.3
const CROWDED_FROM = 0.15
/** Hours after a feed of what is fed when it thins before it is fed again. */
const THIN_FEED_H = 72
/** What thins is fed before it does from this gain on, once in a week at most (working estimates). */
const FRESHENS_FROM = 0.15
const FRESHEN_H = 7 * 24
/** Share of what it takes to be ready before which nothing can be seen yet. */
const NOTHING_BEFORE = 0.25
const LATEST_FIRST_LOOK_H = 72
const percent = (p: number) => `${Math.round(p * 100)} %`

const inUse = ({ reading: { estimate: e } }: Tended) => e.readiness.ready + e.readiness.tiring

/** Whether what goes wrong in it goes on, whatever is done to it: only a fresh start gives anything within the week. */
function isPastHelp({ acts, estimate: { readiness } }: Tended['reading']): boolean {
  if (readiness.failing + readiness.failed <= PAST_HELP_FROM) return false
  const { leave, feed, thin, split, renew } = acts.worth
  return Math.max(leave, feed, thin, split) < HELPS_FROM * renew
}

const lostWhy = ({ reading: { estimate: e } }: Tended): string => {
  const { failing, failed } = e.readiness
  return failed > LOST_FROM
    ? `Lost, ${percent(failed)} sure: look once more, then start it anew.`
    : `It goes wrong, ${percent(failing + failed)} sure, and nothing done to it would help: look once more, then start it anew.`
}

/** It is gone, or it cannot be helped. */
export const isLost = ({ reading }: Pick<Tended, 'reading'>): boolean =>
  reading.estimate.readiness.failed > LOST_FROM || isPastHelp(reading)

/** Whether it may be going wrong. */
export const isDoubtful = ({ reading: { estimate: e } }: Tended) =>
  e.pFailed > DOUBTFUL_FROM || e.readiness.failing > DOUBTFUL_FROM

/** When a look can tell something new: not before anything shows, and not again while nothing can have changed. */
function lookDue(v: Tended): Tending {
  const after = LOOK_AFTER_H[v.food.profile.family]
  const { seenAt, startedAt } = v.culture
  if (seenAt !== null)
    return { kind: 'look', at: addHours(seenAt, after), because: 'Nobody has looked since.' }
  const readyH = v.reading.estimate.readyH?.p50 ?? after
  const firstH = Math.max(after, Math.min(LATEST_FIRST_LOOK_H, NOTHING_BEFORE * readyH))
  const because = 'Nobody has looked since it was started.'
  return { kind: 'look', at: addHours(startedAt, firstH), because }
}

/** A medium wears before anything shows: what somebody lives off is fed for what it should give, once in a week. */
function freshenDue(v: Tended, last: Instant): Tending | null {
  const { drawnAt } = v.culture
  const isDrawn = drawnAt !== null && hoursBetween(drawnAt, v.now) < FRESHEN_H
  const gain = gainOf(v, 'feed')
  if (!isDrawn || inUse(v) <= 0.5 || gain < FRESHENS_FROM) return null
  const because = `Fed now it should give ${percent(gain)} more over the week.`
  // When the gain came up to that nobody knows: once a week is over it is due now, not late.
  const week = addHours(last, FRESHEN_H)
  return { kind: 'feed', at: hoursBetween(week, v.now) > 0 ? v.now : week, because }
}

function feedDue(v: Tended): Tending | null {
  const feed = feedAmount(v)
  if (!feed || v.culture.quarantine?.reason.includes('fed')) return null
  const last = v.culture.fedAt ?? v.culture.startedAt
  const { when, everyDays } = feed.rule
  if (when === 'every') {
    const at = addHours(last, (everyDays ?? 7) * 24)
    return { kind: 'feed', at, because: v.method.feedingRule }
  }
  if (when === 'clear') {
    if (feed.stillFed) return null
    const because = 'The water should be clear by now: see that it is, then feed.'
    return { kind: 'feed', at: addHours(last, ROUND_H), because }
  }
  const thin = inUse(v) > 0.5 && (v.reading.look.movers ?? 3) < 1.5
  const wants = thin || v.reading.estimate.readiness.tiring > 0.5
  if (wants) return { kind: 'feed', at: addHours(last, THIN_FEED_H), because: v.method.feedingRule }
  return freshenDue(v, last)
}

function renewDue(v: Tended): Tending | null {
  // Nothing is renewed by date before it has been good.
  const { resting, building } = v.reading.estimate.readiness
  if (resting + building > 0.5) return null
  const spent = v.reading.estimate.readiness.tiring > 0.5
  const byAge = addHours(v.culture.renewedAt, v.method.renewAfterDays * 24)
  return spent
    ? { kind: 'renew', at: v.now, because: 'It is past its best.' }
    : { kind: 'renew', at: byAge, because: v.method.renewRule }
}

function thinDue(v: Tended): Tending | null {
  const { pCrash3d } = v.reading.estimate
  if (pCrash3d <= CROWDED_FROM) return null
  const because = `A crash within three days has a chance of ${percent(pCrash3d)}: take a third out, as food or for a second vessel.`
  return { kind: 'thin out', at: v.now, because }
}

function changeDue(v: Tended): Tending | null {
  const change = v.method.upkeep.find(u => u.action === 'waterChange')
  if (!change) return null
  const at = addHours(v.culture.changedAt ?? v.culture.startedAt, change.everyH)
  return { kind: 'change water', at, because: 'As the method has it.' }
}

/** Worms that grow by being moved, as their school has it. */
function stirDue(v: Tended): Tending | null {
  const stir = v.method.upkeep.find(u => u.action === 'stir')
  if (!stir) return null
  const last = v.culture.stirredAt ?? addHours(v.culture.startedAt, stir.fromDay * 24)
  return { kind: 'stir', at: addHours(last, stir.everyH), because: v.method.renewRule }
}

function topUpDue(v: Tended): Tending | null {
  const litres = v.culture.record.litres
  if (v.reading.estimate.per !== 'mL' || topUpMl(v).value <= 0.05 * litres * 1000) return null
  return {
    kind: 'top up',
    at: v.culture.drawnAt ?? v.now,
    because: 'Feed out first, top up after.',
  }
}

const splitDue = (v: Tended, backup: Backup): Tending | null =>
  backup.code === 'only' && inUse(v) > 0.5
    ? {
        kind: 'split',
        at: v.now,
        because: 'It is the only vessel of this line: one accident ends it.',
      }
    : null

/** What falls due at a culture, the earliest first. Pure: the same reading gives the same list. */
export function tending(v: Tended, backup: Backup): Tending[] {
  if (isLost(v)) return [{ kind: 'end', at: v.now, because: lostWhy(v) }]
  const due = [
    lookDue(v),
    thinDue(v),
    feedDue(v),
    splitDue(v, backup),
    changeDue(v),
    stirDue(v),
    topUpDue(v),
    renewDue(v),
  ]
  return due
    .filter(t => t !== null)
    .sort((a, b) => hoursBetween(b.at, a.at) || TENDING.indexOf(a.kind) - TENDING.indexOf(b.kind))
}
