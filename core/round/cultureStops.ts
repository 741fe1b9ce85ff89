import type { CultureReading } from '../estimation/readCulture'
import { foodOf } from '../foods/index'
import type { Caution, HygieneClass } from '../foods/contract'
import { changeShare, feedAmount, renewKept, topUpMl, type Vat } from '../planning/amounts'
import { cultureHarvest } from '../planning/cultureHarvest'
import { bleachRefusal } from '../planning/refusals'
import { tending, type Tending, type TendingKind } from '../planning/tending'
import type { Reason } from '../reasons/reason'
import { running, type CultureState } from '../stock/cultures'
import { backupOf } from '../stock/lines'
import type { RoomState } from '../stock/roomState'
import { hoursBetween, toMs } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import type { StopBase } from './stopBase'

/** Something that a vessel wants at this round, with how much of it. */
export interface CultureTask {
  kind: TendingKind
  because: string
  /** In g, mL, pieces, or a share of the vessel; null where it has no amount. */
  amount: {
    value: number
    unit: 'g' | 'mL' | 'each' | 'share'
    what: string
    gPerMl?: number
    why: Reason
  } | null
  /** Hours it has been due for; 0 within its round. */
  lateH: number
}

export interface CultureStop extends StopBase {
  type: 'culture'
  vat: Vat
  hygiene: HygieneClass
  tasks: CultureTask[]
  /** A second visit, after those it must wait for. */ after: HygieneClass | null
}
/** Vessels of one place that want a look and nothing else. */
export interface LooksStop extends StopBase {
  type: 'looks'
  vats: Vat[]
  hygiene: HygieneClass
}

const A_ROUND_H = 12
/** Lines that stand alone are split one after the other: each takes its time, and the shelf says which they are. */
const SPLITS_A_ROUND = 1
const ACIDS_APART: Caution = {
  id: 'bleach-acid',
  text: 'Vinegar is worked in this round: no bleach today. Hot water only, or tomorrow and elsewhere.',
}
const CLEAN_JUG: Caution = {
  id: 'clean-jug',
  text: 'A jug that touches nothing else: one flea in green water eats it bare.',
}

export const vatOf = (
  state: RoomState,
  culture: CultureState,
  reading: CultureReading | undefined,
): Vat | null => {
  const food = foodOf(culture.record.foodId)
  const method = food?.methods.find(m => m.id === culture.record.methodId) ?? food?.methods[0]
  return food && method && reading ? { culture, food, method, reading, now: state.now } : null
}

/** What the vessels of the room want at a round: looks gathered by place, all else one stop a vessel. What was put off is left to the caller. */
export function cultureStops(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  current: RoundOccurrence,
): (CultureStop | LooksStop)[] {
  if (current.feedingOnly) return []
  const until = toMs(state.now) > toMs(current.at) ? state.now : current.at
  const stops: (CultureStop | LooksStop)[] = []
  const looks = new Map<string, LooksStop>()
  let splits = 0
  const acidToday = running(state.cultureStates).some(c => foodOf(c.record.foodId)?.acid)
  for (const culture of running(state.cultureStates)) {
    const vat = vatOf(state, culture, readings.get(culture.id))
    if (!vat) continue
    const due = tending(vat, backupOf(state.cultureStates, culture.id)).filter(
      t =>
        toMs(t.at) <= toMs(until) &&
        wanted(state, vat, t, current) &&
        (t.kind !== 'split' || splits < SPLITS_A_ROUND),
    )
    splits += due.filter(t => t.kind === 'split').length
    if (due.length === 0) continue
    const { hygiene } = vat.method
    if (due.every(t => t.kind === 'look')) {
      const key = `looks:${culture.placeId ?? 'room'}:${hygiene}:${current.key}`
      const stop = looks.get(key) ?? {
        type: 'looks',
        key,
        placeId: culture.placeId,
        cautions: [],
        vats: [],
        hygiene,
      }
      stop.vats.push(vat)
      if (!looks.has(key)) stops.push(stop)
      looks.set(key, stop)
      continue
    }
    const tasks = due.map(t => taskOf(vat, t, until))
    const cautions = [
      ...(tasks.some(t => t.kind === 'end' || t.kind === 'renew') &&
      acidToday &&
      bleachRefusal(culture, state.cultureStates, state.entries, state.now)
        ? [ACIDS_APART]
        : []),
    ]
    // Green water feeds the fleas before it is made up again.
    const later = hygiene === 'green-water' ? tasks.filter(t => t.kind === 'top up') : []
    const now = tasks.filter(t => !later.includes(t))
    const base = { type: 'culture' as const, placeId: culture.placeId, vat, hygiene }
    const name = (part: readonly CultureTask[]) =>
      `culture:${culture.id}:${part.map(t => t.kind).join('+')}:${current.key}`
    if (now.length > 0) stops.push({ ...base, key: name(now), tasks: now, cautions, after: null })
    if (later.length > 0)
      stops.push({
        ...base,
        key: name(later),
        tasks: later,
        cautions: [CLEAN_JUG],
        after: 'cladocerans',
      })
  }
  return stops
}

/** Food is only drawn when fry want it at this round; looks once a round. */
function wanted(state: RoomState, vat: Vat, t: Tending, current: RoundOccurrence): boolean {
  if (t.kind === 'take')
    return !current.feedingOnly && cultureHarvest(state, vat, current).portions.length > 0
  if (t.kind === 'top up') return vat.culture.drawnMl > 0 || vat.reading.estimate.per === 'mL'
  return true
}

function taskOf(vat: Vat, t: Tending, until: string): CultureTask {
  const lateH = Math.max(0, hoursBetween(t.at, until))
  return {
    kind: t.kind,
    because: t.because,
    amount: amountOf(vat, t.kind),
    lateH: lateH > A_ROUND_H ? lateH : 0,
  }
}

function amountOf(vat: Vat, kind: TendingKind): CultureTask['amount'] {
  if (kind === 'feed') {
    const f = feedAmount(vat)
    return (
      f && { value: f.value, unit: f.unit, what: f.rule.what, gPerMl: f.rule.gPerMl, why: f.why }
    )
  }
  if (kind === 'top up') return { ...topUpMl(vat), unit: 'mL', what: 'of its water' }
  if (kind === 'change water') {
    const c = changeShare(vat)
    return {
      value: c.value * vat.culture.record.litres * 1000,
      unit: 'mL',
      what: 'of its water',
      why: c.why,
    }
  }
  if (kind === 'renew') return { ...renewKept(vat), unit: 'share', what: 'of the old as starter' }
  return null
}
