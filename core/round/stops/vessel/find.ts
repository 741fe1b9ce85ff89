import type { Caution, HygieneClass } from '../../../foods/contract'
import {
  MOST_SHARE,
  changeShare,
  feedAmount,
  renewKept,
  topUpMl,
  type Tended,
} from '../../../planning/amounts'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { Draw } from '../../../planning/reckoning/draw'
import type { OtherDraw } from '../../../planning/reckoning/eaters'
import { bleachRefusal } from '../../../planning/refusals'
import type { Tending, TendingKind } from '../../../planning/tending'
import type { Reason } from '../../../reasons/reason'
import type { HandUnit } from '../../../records/vocabulary'
import { foodOf } from '../../../foods/index'
import { running } from '../../../stock/cultures'
import { hoursBetween } from '../../../time/localDate'
import type { RoundContext, VesselAtRound } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** What one act takes, in a hand's measure; null where it has no amount. */
export interface ActAmount {
  value: number
  unit: HandUnit
  what: string
  gPerMl?: number
  why: Reason
}

/** The one thing to do at a vessel beside drawing from it. */
export interface VesselTask {
  kind: TendingKind
  because: string
  amount: ActAmount | null
  /** Hours it has been due for. */
  lateH: number
}

/** One vessel: what is drawn from it for whom, and the one act that the model expects most of. A look rides along. */
export interface VesselStop extends StopBase {
  kind: 'vessel'
  tended: Tended
  hygiene: HygieneClass
  draws: readonly Draw[]
  others: readonly OtherDraw[]
  act: VesselTask | null
  /** Made up after it was drawn from, mL; 0 where it is not. */
  topUpMl: number
  /** It is fed with this. */
  feed: OtherDraw | null
  /** Key of its upkeep, where that waits while it is drawn from. */
  upkeepKey: string
  /** Done says too that it looked as drawn. */
  look: boolean
}

/** Hours from its day on that an act may wait. */
const MAY_WAIT_H: Readonly<Record<TendingKind, number>> = {
  'end': 48,
  'thin out': 12,
  'feed': 24,
  'split': 96,
  'change water': 48,
  'stir': 72,
  'renew': 72,
  'top up': 48,
  'look': 48,
}
const ACIDS_APART: Caution = {
  id: 'bleach-acid',
  text: 'Vinegar is worked in this round: no bleach today. Hot water only, or tomorrow and elsewhere.',
}
const CLEAN_JUG: Caution = {
  id: 'clean-jug',
  text: 'A jug that touches nothing else: one flea in green water eats it bare.',
}
/** Top up what is drawn from this share of the vessel on. */
const TOP_UP_FROM = 0.05

export function actAmount(tended: Tended, kind: TendingKind): ActAmount | null {
  const ml = tended.culture.record.litres * 1000
  switch (kind) {
    case 'feed': {
      const f = feedAmount(tended)
      return (
        f && { value: f.value, unit: f.unit, what: f.rule.what, gPerMl: f.rule.gPerMl, why: f.why }
      )
    }
    case 'top up':
      return { ...topUpMl(tended), unit: 'mL', what: 'of its water' }
    case 'change water': {
      const change = changeShare(tended)
      return { value: change.value * ml, unit: 'mL', what: 'of its water', why: change.why }
    }
    case 'renew':
      return { ...renewKept(tended), unit: 'share', what: 'of the old as starter' }
    default:
      return null
  }
}

const taskOf = (tended: Tended, t: Tending): VesselTask => ({
  kind: t.kind,
  because: t.because,
  amount: actAmount(tended, t.kind),
  lateH: Math.max(0, hoursBetween(t.at, tended.now)),
})

/** Hours that a feed may wait: what clears its water starves within a day, the rest a quarter of its time. */
function feedWaitsH(tended: Tended): number {
  const { feed } = tended.method
  return feed?.when === 'every' ? Math.max(6, (feed.everyDays ?? 7) * 6) : 12
}

const waitsOf = (tended: Tended, act: VesselTask): number =>
  (act.kind === 'feed' ? feedWaitsH(tended) : MAY_WAIT_H[act.kind]) - act.lateH

/** Water that is made up when so much has been drawn: only where it stands in water that is made up at all. */
function madeUp(v: VesselAtRound): number {
  const { tended } = v
  if (tended.reading.estimate.per !== 'mL') return 0
  const drawn = [...v.draws, ...v.others]
    .filter(d => d.amount.unit === 'mL')
    .reduce((ml, d) => ml + d.amount.value, 0)
  const open = v.due.some(t => t.kind === 'top up') ? topUpMl(tended).value : 0
  const all = drawn + open
  return all > TOP_UP_FROM * tended.culture.record.litres * 1000
    ? Math.min(all, MOST_SHARE * tended.culture.record.litres * 1000)
    : 0
}

/** What is best done at it; drawing is thinning, and what was answered today is not asked again. */
function actOf(c: RoundContext, v: VesselAtRound): VesselTask | null {
  if (!v.act || wasAnswered(c.state, c.round.key, 'upkeep', v.tended.culture.id)) return null
  const drawn = v.draws.length + v.others.length > 0
  return v.act.kind === 'thin out' && drawn ? null : taskOf(v.tended, v.act)
}

function cautionsOf(
  { state }: RoundContext,
  { culture, method }: Tended,
  act: VesselTask | null,
  topUp: number,
  acidToday: boolean,
): StopBase['cautions'] {
  const emptied = act?.kind === 'end' || act?.kind === 'renew'
  const bleach =
    emptied && acidToday && bleachRefusal(culture, state.cultureStates, state.entries, state.now)
  const green = method.hygiene === 'green-water' && topUp > 0
  return [...(bleach ? [ACIDS_APART] : []), ...(green ? [CLEAN_JUG] : [])]
}

function vesselStop(c: RoundContext, v: VesselAtRound, acidToday: boolean): VesselStop | null {
  const { tended } = v
  const drawn = v.draws.length + v.others.length > 0
  const act = actOf(c, v)
  const topUp = madeUp(v)
  if (!drawn && !act && topUp === 0) return null
  const { id, placeId, record } = tended.culture
  // Mouths are fed from it; upkeep may wait, the latest first in line.
  const must = v.draws.length > 0
  return {
    kind: 'vessel',
    key: stopKey('vessel', id, c.round.key),
    upkeepKey: stopKey('upkeep', id, c.round.key),
    subject: { type: 'culture', id, name: record.name },
    placeId,
    cautions: cautionsOf(c, tended, act, topUp, acidToday),
    must,
    waitsH: act ? waitsOf(tended, act) : MAY_WAIT_H['top up'],
    tended,
    hygiene: tended.method.hygiene,
    draws: v.draws,
    others: v.others,
    act,
    topUpMl: topUp,
    feed: act?.kind === 'feed' ? v.feed : null,
    look: v.look !== null,
  }
}

/** One stop for each vessel from which is drawn, or at which something is best done now. */
export function findVessels(c: RoundContext): VesselStop[] {
  if (c.round.feedingOnly && c.reckoning.draws.length === 0) return []
  const acidToday = running(c.state.cultureStates).some(x => foodOf(x.record.foodId)?.acid)
  return c.vessels.flatMap(v => {
    const { id } = v.tended.culture
    if (wasAnswered(c.state, c.round.key, 'vessel', id)) return []
    if (c.round.feedingOnly && v.draws.length === 0) return []
    return vesselStop(c, c.round.feedingOnly ? { ...v, act: null, others: [] } : v, acidToday) ?? []
  })
}
