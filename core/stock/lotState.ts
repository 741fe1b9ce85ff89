import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { Lot } from '../records/records'
import type { LotKeep } from '../records/vocabulary'
import { hoursBetween, localDateOf, toMs, type Instant, type LocalDate } from '../time/localDate'
import { hatchLeft } from './lotAgeing'
import type { HatchCulture } from './hatchCultures'
import type { LotLearned } from './learned'
import type { Settled } from './settled'

export interface LotState {
  gramsLeft: number
  /** Since when it is open: as was said, or from its first hatch on; null while it is sealed. */
  openedOn: LocalDate | null
  /** Of those, in the box that is worked from; null where there is none, or it is empty. */
  box: { grams: number; kept: LotKeep; since: LocalDate } | null
  /** Grams a day over the last four weeks, or null before the first hatch. */
  gramsPerDay: number | null
  /** Hatch share, speed and spread: the tin's figures corrected by counts. */
  hatch: number
  speed: number
  spread: number
  /** 10 % and 90 % of what is believed of the hatch share, while counts speak of it. */
  hatchLow: number
  hatchHigh: number
  counts: number
  pricePerGram: number | null
}

interface LotContext {
  entries: readonly Entry[]
  hatches: readonly HatchCulture[]
  learned: LotLearned | undefined
  now: Instant
  timeZone: string
  settled: Settled
}

/** What is known of a lot: grams left, use, and what counted harvests have taught of it, else what its tin says. */
export function lotState(
  lot: Lot,
  { entries, hatches, learned, now, timeZone, settled }: LotContext,
): LotState {
  const mine = hatches.filter(r => r.setup.lotId === lot.id)
  const dayOf = (at: Instant) => localDateOf(at, timeZone)
  const firstAt = settled.openedAt[lot.id] ?? mine[0]?.startedAt
  const openedOn = lot.openedOn ?? (firstAt ? dayOf(firstAt) : null)
  const box = boxOf(lot, entries, mine, settled, dayOf)
  const left = hatchLeft({ openedOn, kept: lot.kept }, dayOf(now)) * agedIn(box, lot, dayOf(now))
  return {
    openedOn,
    gramsLeft: gramsLeft(lot, entries, mine, settled),
    box,
    gramsPerDay: recentUse(mine, now),
    // What counts have taught says by itself how old it is.
    ...(learned && learned.hatch.from > 0 ? taught(learned) : asLabelled(lot, left)),
    pricePerGram: lot.price !== null && lot.priceGrams ? lot.price / lot.priceGrams : null,
  }
}

/** As it was weighed last, or as it came, less what hatches took since, and cysts that lost their shells. */
function gramsLeft(
  lot: Lot,
  entries: readonly Entry[],
  mine: readonly HatchCulture[],
  settled: Settled,
): number {
  const weighed = ofKind(entries, 'lot.weighed')
    .filter(e => e.data.lotId === lot.id)
    .at(-1)
  const since = weighed ? toMs(weighed.at) : -Infinity
  const usedSince = mine
    .filter(r => toMs(r.startedAt) > since)
    .reduce((g, r) => g + r.setup.cystsG, 0)
  const bare = ofKind(entries, 'lot.decapsulated')
    // What was hatched at once is counted by its bottle.
    .filter(e => e.data.lotId === lot.id && e.data.outcome !== 'hatch' && toMs(e.at) > since)
    .reduce((g, e) => g + e.data.grams, 0)
  // What is settled was taken before any weighing that came after.
  const settledG = (weighed?.at ?? '') < settled.before ? (settled.cystsG[lot.id] ?? 0) : 0
  return Math.max(0, (weighed?.data.grams ?? lot.gramsAtStart) - usedSince - bare - settledG)
}

/** The working box as it was filled last, less what hatches took since. */
function boxOf(
  lot: Lot,
  entries: readonly Entry[],
  mine: readonly HatchCulture[],
  settled: Settled,
  dayOf: (at: Instant) => LocalDate,
): LotState['box'] {
  const filled = ofKind(entries, 'lot.boxed')
    .filter(e => e.data.lotId === lot.id)
    .at(-1)
  if (!filled) return null
  const used = mine
    .filter(r => toMs(r.startedAt) > toMs(filled.at))
    .reduce((g, r) => g + r.setup.cystsG, 0)
  const settledG = filled.at < settled.before ? (settled.boxG[lot.id] ?? 0) : 0
  const grams = filled.data.grams - used - settledG
  return grams > 1e-6 ? { grams, kept: filled.data.kept, since: dayOf(filled.at) } : null
}

/** What a working box has lost besides what the tin would have: it is kept otherwise. */
function agedIn(box: LotState['box'], lot: Lot, today: LocalDate): number {
  if (!box) return 1
  const inBox = hatchLeft({ openedOn: box.since, kept: box.kept }, today)
  return inBox / hatchLeft({ openedOn: box.since, kept: lot.kept }, today)
}

const taught = (l: LotLearned) => ({
  hatch: l.hatch.value,
  speed: l.speed.value,
  spread: l.spread.value,
  hatchLow: l.hatch.low,
  hatchHigh: l.hatch.high,
  counts: l.hatch.from,
})
const asLabelled = ({ hatch, speed, spread }: Lot, left: number) => ({
  hatch: hatch * left,
  speed,
  spread,
  hatchLow: hatch * left,
  hatchHigh: hatch * left,
  counts: 0,
})

function recentUse(hatches: readonly HatchCulture[], now: Instant): number | null {
  const recent = hatches.filter(r => hoursBetween(r.startedAt, now) <= 28 * 24)
  if (recent.length === 0) return null
  const days = Math.max(3, hoursBetween(recent[0]!.startedAt, now) / 24)
  return recent.reduce((g, r) => g + r.setup.cystsG, 0) / days
}
