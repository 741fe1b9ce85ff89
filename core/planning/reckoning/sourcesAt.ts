import { CUP_ML } from './cupMl'
import { feedUntil } from './feedUntil'
import type { Band } from '../../estimation/cloud'
import type { CultureReading } from '../../estimation/readCulture'
import type { Food } from '../../foods/contract'
import { foodOf } from '../../foods/index'
import { edible } from '../../fry/edibles'
import { ofKind } from '../../records/effectiveEntries'
import type { HandUnit } from '../../records/vocabulary'
import { running, type CultureState } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import type { Store } from '../../stock/stores'
import { NAUPLII } from '../../foods/hatchProfile'
import { hoursBetween, toMs } from '../../time/localDate'
import type { RoundOccurrence } from '../../time/rounds'
import { MOST_SHARE } from '../amounts'
import type { ExpectedPull } from '../supply'
import { wasAnswered } from './answered'
import type { Source } from './source'
import { fedAt } from './want'

export type Readings = ReadonlyMap<string, CultureReading>

/** From this chance of being ready or past its best on, a culture is drawn from; from this chance of failing on, it is not. */
const READY_FROM = 0.5
const FAILING_FROM = 0.4
/** What an untouched culture spares in any case, as a share of it. */
const LEAST_EASY = 0.05
/** Below this share of the middle the low end of what is believed is doubtful. */
const DOUBTFUL_BELOW = 0.4
/** Grams in a tin that nobody weighed (working estimate). */
const UNMEASURED_G = 50

const exactly = (n: number): Band => ({ p10: n, p50: n, p90: n })
const shareOf = (b: Band, share: number): Band => ({
  p10: b.p10 * share,
  p50: b.p50 * share,
  p90: b.p90 * share,
})

/** A look that must not reach fry, as it is believed. */
const isFoul = (food: Food, reading: CultureReading) =>
  (food.foul ?? []).some(f => (reading.look[f.sign] ?? 0) >= f.from)

/** Whether food may be drawn from a culture: it is ready, and neither failing nor kept from it. */
export function isReady(culture: CultureState, food: Food, reading: CultureReading): boolean {
  const { readiness: r } = reading.estimate
  if (culture.record.mother || culture.quarantine || isFoul(food, reading)) return false
  return r.ready + r.tiring > READY_FROM && r.failing + r.failed < FAILING_FROM
}

function cultureUnit(food: Food, reading: CultureReading): { unit: HandUnit; perUnit: number } {
  const { estimate: e } = reading
  if (e.per === 'mL') return { unit: 'mL', perUnit: Math.max(1e-9, e.density.p50) }
  const { portion } = food.profile
  if (portion) return { unit: portion.unit, perUnit: portion.perUnit }
  return { unit: 'share', perUnit: Math.max(1e-9, e.organisms.p50) }
}

/** @param answered its stop of this round: what is drawn for tanks has been drawn, or is not to be */
function cultureSource(culture: CultureState, readings: Readings, answered: boolean): Source[] {
  const food = foodOf(culture.record.foodId)
  const reading = readings.get(culture.id)
  if (!food || !reading) return []
  const { estimate: e } = reading
  const gives = shareOf(e.organisms, MOST_SHARE)
  const spare = Math.max(e.surplusPerDay.p50, LEAST_EASY * e.organisms.p50)
  return [
    {
      id: culture.id,
      kind: 'culture',
      foodId: culture.record.foodId,
      name: culture.record.name,
      placeId: culture.placeId,
      ready: isReady(culture, food, reading) && gives.p50 >= 1,
      gives,
      easy: Math.min(gives.p50, spare),
      ...cultureUnit(food, reading),
      energy: 1,
      useBy: null,
      first: e.readiness.tiring > READY_FROM,
      doubtful: e.organisms.p10 < DOUBTFUL_BELOW * e.organisms.p50,
      tankIds: answered ? [] : null,
      inHand: false,
      due: false,
      fromId: null,
    },
  ]
}

/** What was drawn at this round for tanks that have not been fed of it yet. */
function inHand(state: RoomState, round: RoundOccurrence): Source[] {
  return ofKind(state.entries, 'culture.harvested').flatMap(({ data }): Source[] => {
    const culture = state.cultureStates.find(c => c.id === data.cultureId)
    if (data.roundKey !== round.key || !culture || culture.hatch) return []
    return data.portions.flatMap((p): Source[] => {
      const fed = fedAt(state, p.tankId, round.key).some(e =>
        e.data.portions.some(x => x.source?.id === culture.id),
      )
      const organisms = p.organisms ?? 0
      if (fed || organisms <= 0) return []
      const ml = p.ml !== null && p.ml > 0 ? p.ml : null
      const { portion } = foodOf(culture.record.foodId)?.profile ?? {}
      const unit = ml === null ? (portion?.unit ?? 'share') : 'mL'
      const perUnit = ml === null ? (portion?.perUnit ?? null) : organisms / ml
      return [
        {
          id: culture.id,
          kind: 'culture',
          foodId: culture.record.foodId,
          name: culture.record.name,
          placeId: null,
          ready: true,
          gives: exactly(organisms),
          easy: organisms,
          unit,
          perUnit,
          energy: 1,
          useBy: null,
          first: true,
          doubtful: false,
          tankIds: [p.tankId],
          inHand: true,
          due: false,
          fromId: null,
        },
      ]
    })
  })
}

/** A hatch that is pulled at this round: nauplii as they are expected. */
function hatchSource(pull: ExpectedPull): Source {
  return {
    id: pull.hatch.id,
    kind: 'culture',
    foodId: NAUPLII,
    name: pull.hatch.name,
    placeId: pull.hatch.placeId,
    ready: pull.nauplii >= 1,
    gives: exactly(pull.nauplii),
    easy: pull.nauplii,
    unit: 'mL',
    perUnit: pull.nauplii / CUP_ML,
    energy: pull.energy,
    useBy: null,
    first: false,
    doubtful: false,
    tankIds: null,
    inHand: false,
    due: true,
    fromId: null,
  }
}

/** Animals in a unit of a store: as counted when it was filled, else the household portion. */
function storePerUnit(s: Store): number | null {
  if (s.perUnit !== null) return s.perUnit
  const food = edible(s.foodId)
  if (s.unit === 'g' && food) return 1e6 / food.dryUg
  return food?.portion?.unit === s.unit ? food.portion.perUnit : null
}

/** How a store is measured out: dry food in pinches, all else in the unit that it stands in. */
function storeUnit(s: Store): { unit: HandUnit; perUnit: number | null } {
  const portion = edible(s.foodId)?.portion
  if (s.unit === 'g' && portion) return { unit: portion.unit, perUnit: portion.perUnit }
  const perUnit = storePerUnit(s)
  return perUnit === null ? { unit: 'each', perUnit: 1 } : { unit: s.unit, perUnit }
}

/** Animals or grains that a store still holds. */
function storeHolds(s: Store): number {
  if (s.organisms !== null) return s.organisms
  const perUnit = storePerUnit(s)
  if (s.amount !== null && perUnit !== null) return s.amount * perUnit
  return (UNMEASURED_G * 1e6) / (edible(s.foodId)?.dryUg ?? 1)
}

function storeSource(s: Store, state: RoomState): Source {
  const until = feedUntil(s)
  const holds = storeHolds(s)
  return {
    id: s.id,
    kind: 'store',
    foodId: s.foodId,
    name: s.name,
    placeId: null,
    ready: holds >= 1 && (until === null || toMs(until) >= toMs(state.now)),
    gives: exactly(holds),
    easy: holds,
    ...storeUnit(s),
    energy: s.energy,
    useBy: s.useBy,
    first: s.useBy !== null && hoursBetween(state.now, s.useBy) < 24,
    doubtful: false,
    tankIds: null,
    inHand: false,
    due: false,
    fromId: s.fromId,
  }
}

/**
 * Everything that stands in the room and could feed somebody at a round, ready or not.
 * Gel is portioned by the day and stands apart (stock/gelNeed.ts).
 */
export function sourcesAt(
  state: RoomState,
  readings: Readings,
  round: RoundOccurrence,
  pulls: readonly ExpectedPull[],
): Source[] {
  const due = pulls.filter(
    p => p.round.key === round.key && !wasAnswered(state, round.key, 'harvest', p.hatch.id),
  )
  return [
    ...inHand(state, round),
    ...state.stores.map(s => storeSource(s, state)),
    ...due.map(hatchSource),
    ...running(state.cultureStates).flatMap(c =>
      cultureSource(c, readings, wasAnswered(state, round.key, 'vessel', c.id)),
    ),
  ]
}
