import type { FamilyId } from '../dynamics/contract'
import type { Backup } from '../stock/lines'
import { addHours, hoursBetween, type Instant } from '../time/localDate'
import { feedAmount, takeShare, topUpMl, type Vat } from './amounts'

export const TENDING = [
  'end',
  'look',
  'thin out',
  'feed',
  'take',
  'split',
  'change water',
  'top up',
  'renew',
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
const ROUND_H = 12
const LOST_FROM = 0.8
const DOUBTFUL_FROM = 0.3
const CROWDED_FROM = 0.15
const WORTH_TAKING = 0.01
const percent = (p: number) => `${Math.round(p * 100)} %`

/** What a culture wants next, the most pressing first. Pure: the same reading gives the same list. */
export function tending(v: Vat, backup: Backup): Tending[] {
  const {
    culture,
    method,
    reading: { estimate: e, look },
    now,
  } = v
  const found: Tending[] = []
  const add = (kind: TendingKind, at: Instant, because: string) =>
    found.push({ kind, at: at < now ? now : at, because })
  const inUse = e.readiness.ready + e.readiness.tiring
  if (e.readiness.failed > LOST_FROM) {
    add(
      'end',
      now,
      `Lost, ${percent(e.readiness.failed)} sure: look once more, then start it anew.`,
    )
    return found
  }
  const doubt = e.pFailed > DOUBTFUL_FROM || e.readiness.failing > DOUBTFUL_FROM
  const unseen = culture.seenAt ?? culture.record.startedAt
  add(
    'look',
    doubt ? now : addHours(unseen, LOOK_AFTER_H[v.food.profile.family]),
    doubt
      ? 'It may be going wrong.'
      : culture.seenAt
        ? 'Nobody has looked since.'
        : 'Nobody has looked since it was started.',
  )
  if (e.pCrash3d > CROWDED_FROM)
    add(
      'thin out',
      now,
      `A crash within three days has a chance of ${percent(e.pCrash3d)}: take a third out, as food or for a second vessel.`,
    )
  if (inUse > 0.5 && takeShare(v).value > WORTH_TAKING) add('take', now, 'It is ready.')
  const feed = feedAmount(v)
  if (feed && !culture.quarantine?.reason.includes('fed')) {
    const last = culture.fedAt ?? culture.record.startedAt
    if (feed.rule.when === 'every')
      add('feed', addHours(last, (feed.rule.everyDays ?? 7) * 24), method.feedingRule)
    if (feed.rule.when === 'clear' && !feed.stillFed)
      add(
        'feed',
        addHours(last, ROUND_H),
        'The water should be clear by now: see that it is, then feed.',
      )
    if (
      feed.rule.when === 'thin' &&
      (e.readiness.tiring > 0.5 || (inUse > 0.5 && (look.movers ?? 3) < 1.5))
    )
      add('feed', addHours(last, 72), method.feedingRule)
  }
  if (backup.code === 'only' && inUse > 0.5)
    add('split', now, 'It is the only vessel of this line: one accident ends it.')
  const change = method.upkeep.find(u => u.action === 'waterChange')
  if (change)
    add(
      'change water',
      addHours(culture.changedAt ?? culture.record.startedAt, change.everyH),
      'As the method has it.',
    )
  if (e.per === 'mL' && topUpMl(v).value > 0.05 * culture.record.litres * 1000)
    add('top up', culture.drawnAt ?? now, 'Feed out first, top up after.')
  const byAge = addHours(culture.renewedAt, method.renewAfterDays * 24)
  add(
    'renew',
    e.readiness.tiring > 0.5 ? now : byAge,
    e.readiness.tiring > 0.5 ? 'It is past its best.' : method.renewRule,
  )
  return found.sort(
    (a, b) => hoursBetween(b.at, a.at) || TENDING.indexOf(a.kind) - TENDING.indexOf(b.kind),
  )
}
