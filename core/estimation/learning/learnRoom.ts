import { foodOf, foods } from '../../foods/index'
import { effectiveEntries, ofKind } from '../../records/effectiveEntries'
import type { Entry } from '../../records/entries'
import type { AnyRecord, CultureRecord, Lot, RecordOf, RecordType } from '../../records/records'
import { cultureStates } from '../../stock/cultures'
import { hatchCultures, type HatchCulture } from '../../stock/hatchCultures'
import type {
  FoodLearned,
  Learned,
  LotLearned,
  ObserverLearned,
  ToolLearned,
} from '../../stock/learned'
import { hatchWaterPH } from '../../stock/roomState'
import { toMs } from '../../time/localDate'
import { entriesByCulture } from '../entriesByCulture'
import type { LeanBelief } from '../observer'
import { observationsOf } from '../observationsOf'
import { cultureSubject } from './cultureSubject'
import { learnFood, roleKey, type Outcome } from './foods'
import type { Belief } from './belief'
import { lotChain, tinBelief, type ChainLink } from './lotChain'
import { learnLot } from './lots'
import { asValue, evidenceOf } from './pool'
import { learnObserver, observerOf } from './observers'
import { learnReadings } from './readings'
import { handedOn, roomGrowth } from './roomGrowth'
import { learnTool } from './tools'
import { vesselEvidence, type VesselEvidence } from './vesselEvidence'
import { ROLES } from '../../dynamics/contract'

/** What was worked out before, by bottle and by culture. Plain data: it is kept between visits. */
export interface LearningCache {
  lots: Record<string, ChainLink>
  vessels: Record<string, VesselEvidence>
}
const NO_CACHE: LearningCache = { lots: {}, vessels: {} }

/** Chance from which a vessel counts as having been of use. */
const SURE = 0.8

/** A bottle that is over: of use when anything but a failure was drawn from it. */
function hatchOutcome(hatch: HatchCulture): Outcome {
  if (hatch.endedAt === null) return null
  return hatch.pulls.some(p => p.seen !== 'failed') ? 0 : 1
}

/**
 * What a room has taught, from the whole of its records and log. Vessels are read by the filter one by one;
 * what was worked out of one before is taken from the cache while nothing new stands in the log about it.
 * @param progress called after each vessel that had to be read; return false to stop, and null is returned
 */
export function learnRoom(
  records: readonly AnyRecord[],
  log: readonly Entry[],
  cache: LearningCache = NO_CACHE,
  progress: (done: number, of: number) => boolean = () => true,
): { learned: Learned; cache: LearningCache } | null {
  const all = <T extends RecordType>(type: T) =>
    records.filter((r): r is RecordOf<T> => r.type === type)
  const entries = effectiveEntries(log)
  const room = all('room').find(r => r.removedAt === null)
  const fresh: LearningCache = { lots: {}, vessels: {} }
  const resets = ofKind(entries, 'learning.reset')
  /** Only what began after the last reset of a subject counts for it. */
  const since = (type: string, id: string) =>
    toMs(
      resets.filter(e => e.data.of.type === type && e.data.of.id === id).at(-1)?.at ??
        '1970-01-01T00:00:00Z',
    )
  const counted = (type: string, id: string, at: string) => toMs(at) >= since(type, id)

  const lots = new Map(all('lot').map(l => [l.id, l]))
  const states = cultureStates(all('culture'), entries)
  const hatches = hatchCultures(states, entries).filter(r => lots.has(r.setup.lotId))
  const cultures = states
    .filter(c => c.hatch === null && foodOf(c.record.foodId) !== null)
    .map(c => c.record)
  const places = all('place')
  const of = entriesByCulture(entries)
  const readings = learnReadings(entries)
  const total = hatches.length + cultures.length
  let done = 0

  /** Beliefs of the lots that were counted, with the bottles behind them. */
  const chains = new Map<string, { belief: Belief; counted: number }>()
  for (const lot of lots.values()) {
    const mine = hatches.filter(
      r => r.setup.lotId === lot.id && counted('lot', lot.id, r.startedAt),
    )
    const chain = lotChain(lot, mine, of, hatchWaterPH(room ?? null), cache.lots, () =>
      progress(++done, total),
    )
    if (!chain) return null
    Object.assign(fresh.lots, chain.links)
    chains.set(lot.id, chain)
  }
  for (const c of cultures) {
    const subject = cultureSubject(c)
    const keys = ROLES.flatMap(role => roleKey(foodOf(c.foodId)!, role) ?? [])
    const observations = observationsOf(c, of(c.id), { readings }, places)
    const evidence = subject && vesselEvidence(subject, observations, keys, cache.vessels[c.id])
    if (evidence) fresh.vessels[c.id] = evidence
    if (!progress(++done, total)) return null
  }
  const mineOf = (id: string) =>
    cultures.filter(c => c.foodId === id && counted('food', id, c.startedAt))
  const growths = growthEvidence()
  const everywhere = roomGrowth(growths)
  const learned = {
    lots: ofLots(),
    foods: ofFoods(),
    growth: everywhere.from > 0 ? asValue(everywhere, everywhere.from, 1) : null,
    tools: ofTools(),
    observers: ofObservers(),
    readings,
  }
  return { learned, cache: fresh }

  function ofObservers() {
    const read = new Map<string, LeanBelief[]>()
    for (const c of cultures) {
      const by = observerOf(of(c.id))
      const vessel = fresh.vessels[c.id]
      if (by === null || !vessel || !counted('observer', by, c.startedAt)) continue
      read.set(by, [...(read.get(by) ?? []), vessel.lean])
    }
    const out: Record<string, ObserverLearned> = {}
    for (const [by, leans] of read) {
      const found = learnObserver(leans)
      if (found) out[by] = found
    }
    return out
  }

  function ofLots() {
    const out: Record<string, LotLearned> = {}
    for (const lot of lots.values() as Iterable<Lot>) {
      const chain = chains.get(lot.id)!
      const lengths = ofKind(entries, 'lot.measured')
        .filter(e => e.data.lotId === lot.id && counted('lot', lot.id, e.at))
        .flatMap(e => e.data.lengthsUm)
      if (chain.counted > 0 || lengths.length > 0)
        out[lot.id] = learnLot(lot, chain.belief, chain.counted, lengths)
    }
    return out
  }

  function ofFoods() {
    const out: Record<string, FoodLearned> = {}
    const ended = new Map(ofKind(entries, 'culture.ended').map(e => [e.data.cultureId, e.data.how]))
    const outcomeOf = (c: CultureRecord): Outcome => {
      if (ended.has(c.id))
        return ended.get(c.id) === 'failed' && (fresh.vessels[c.id]?.wasReady ?? 0) < SURE ? 1 : 0
      return (fresh.vessels[c.id]?.wasReady ?? 0) >= SURE ? 0 : null
    }
    for (const food of foods) {
      const id = food.profile.id
      const isHatched = food.profile.family === 'hatch'
      const hatched = isHatched ? hatches.filter(r => counted('food', id, r.startedAt)) : []
      const mine = mineOf(id)
      const read = [
        ...mine.flatMap(c => fresh.vessels[c.id] ?? []),
        ...(isHatched ? lotsSay(id) : []),
      ]
      const outcomes = [...hatched.map(hatchOutcome), ...mine.map(outcomeOf)]
      // How fast cysts hatch is of their tin, not of the room.
      const growth = isHatched ? 0 : handedOn(roomGrowth(growths, id))
      if (read.length > 0 || growth !== 0 || outcomes.some(o => o !== null))
        out[id] = learnFood(food, read, outcomes, growth)
    }
    return out
  }

  /** What the vessels of each food say of how fast it grows here. */
  function growthEvidence() {
    return foods.flatMap(food => {
      const key = roleKey(food, 'growth')
      if (!key || food.profile.family === 'hatch') return []
      const vessels = mineOf(food.profile.id).flatMap(
        c => fresh.vessels[c.id]?.parameters[key] ?? [],
      )
      return [{ food: food.profile.id, vessels }]
    })
  }

  /** Lots as vessels of their food, each with the bottles behind it. */
  function lotsSay(foodId: string) {
    return [...lots.values()].flatMap(lot => {
      const { belief, counted: from } = chains.get(lot.id)!
      if (
        from === 0 ||
        !hatches.some(r => r.setup.lotId === lot.id && counted('food', foodId, r.startedAt))
      )
        return []
      const tin = tinBelief(lot)
      const of = (b: Belief, i: number) => ({ mean: b.mean[i]!, sd: Math.sqrt(b.cov[i]![i]!) })
      return [
        {
          parameters: Object.fromEntries(
            belief.keys.flatMap((key, i) => {
              const e = evidenceOf(of(tin, i), of(belief, i))
              return e ? [[key, { ...e, from }]] : []
            }),
          ),
        },
      ]
    })
  }

  function ofTools() {
    const out: Record<string, ToolLearned> = {}
    for (const tool of all('tool')) {
      const measured = ofKind(entries, 'tool.measured')
        .filter(e => e.data.toolId === tool.id && counted('tool', tool.id, e.at))
        .map(e => e.data)
      if (measured.length > 0) out[tool.id] = learnTool(tool, measured)
    }
    return out
  }
}
