import { compare } from '../../math/compare'
import { hatchFood } from '../../foods/hatchFood'
import { buyingOf, canBuyIn, STORE_LEAD_D } from '../../foods/buying'
import { foodOf } from '../../foods/index'
import { EDIBLES } from '../../fry/edibles'
import type { LadderDay } from '../../fry/ladder'
import { allowedFoods } from '../../fry/wishes'
import { suitability } from '../../fry/suitability'
import { broodLadder, wishesOn } from '../../stock/broodLadder'
import type { BroodState } from '../../stock/broodState'
import { addDays, type LocalDate } from '../../time/localDate'
import { STANDS_IN_FROM } from './demand'
import type { Hatching } from './problem'
import { readyBy } from './redundancy'
import type { PlanRequest } from './request'
import { coursesOf, reliabilityOf, usualStand, type RoomStart } from './startables'

export const WAYS = [
  'start',
  'buy',
  'other food',
  'bridge',
  'warmer',
  'more hatches',
  'cysts',
] as const

/** A way to close a gap. */
export interface Way {
  kind: (typeof WAYS)[number]
  food: string
  /** From when it helps, in the middle of what may be. */
  helpsFrom: LocalDate
  /** Share of the gap that it covers, and how likely. */
  closes: number
  likely: number
  /** In the units of a price tag. */
  cost: number
  /** Days that a purchase takes, and days that it stands apart after it; 0 where nothing is bought. */
  leadDays: number
  apartDays: number
  /** Degrees warmer, where that is the way. */
  warmerC: number
}

interface Stretch {
  brood: string
  from: number
  to: number
  share: number
}

const POWDER_PRICE = 6
const WARMER_C = 3
/** What is no living food may be poor, and still carry fry over some days. */
const BRIDGES_FROM = 0.1
const LEAST_CLOSED = 0.05
const HATCH_LIKELY = 0.98

/** What a way is judged by: the gap, who has it, and what would suit its mouths. */
interface ClosingContext {
  r: PlanRequest
  gap: Stretch
  suits: ReadonlyMap<string, number>
  allowed: ReadonlySet<string>
}

const fits = (c: ClosingContext, food: string): boolean =>
  c.allowed.has(food) && (c.suits.get(food) ?? 0) >= STANDS_IN_FROM

/** A way that helps from so many days on; what is not said of it is nothing. */
function way(
  { r, gap, suits }: ClosingContext,
  given: Pick<Way, 'kind' | 'food' | 'likely'> & { readyIn: number } & Partial<Way>,
): Way {
  const { readyIn, ...said } = given
  const length = gap.to - gap.from + 1
  const share = Math.min(1, (suits.get(said.food) ?? 0) / Math.max(0.01, gap.share))
  const days = Math.max(0, gap.to + 1 - Math.max(gap.from, readyIn))
  return {
    helpsFrom: addDays(r.from, Math.ceil(Math.max(0, readyIn))),
    cost: 0,
    leadDays: 0,
    apartDays: 0,
    warmerC: 0,
    closes: share * Math.min(1, days / length),
    ...said,
  }
}

/** Starting what the room has or may buy, as it is kept or some degrees warmer. */
function byStart(c: ClosingContext, s: RoomStart): Way[] {
  if (!fits(c, s.food)) return []
  const { r, gap } = c
  const { food, fromDay: wait } = s
  const asKept = way(c, {
    kind: s.bought ? 'buy' : 'start',
    food,
    readyIn: wait + s.reliability.readyDays,
    likely: readyBy(s.reliability, gap.to + 1 - wait),
    ...(s.bought ? bought(food) : {}),
  })
  if (s.temperatureC + WARMER_C > s.foodOf.rangeC[1]) return [asKept]
  const stands = { litres: s.vesselClass.litres, temperatureC: s.temperatureC + WARMER_C }
  const courses = coursesOf(r.state, s.foodOf, s.method, stands, gap.to + 2)
  const warm = reliabilityOf(r.state, s.foodOf, s.method, courses)
  if (warm.readyDays > s.reliability.readyDays - 1) return [asKept]
  const likely = readyBy(warm, gap.to + 1 - wait)
  const readyIn = wait + warm.readyDays
  return [asKept, way(c, { kind: 'warmer', food, readyIn, likely, warmerC: WARMER_C })]
}

/** A food that the room does not keep: living, it is bought; dry, it bridges. */
function byOtherFood(c: ClosingContext, id: string, month: number): Way[] {
  const { r, gap } = c
  const food = foodOf(id)
  if (r.state.room.foods.includes(id)) return []
  if (!food) {
    if (!c.allowed.has(id) || (c.suits.get(id) ?? 0) < BRIDGES_FROM) return []
    const days = { readyIn: STORE_LEAD_D, leadDays: STORE_LEAD_D }
    return [way(c, { kind: 'bridge', food: id, likely: 1, cost: POWDER_PRICE, ...days })]
  }
  if (!fits(c, id) || food.profile.family === 'hatch' || !canBuyIn(food, month)) return []
  const method = food.methods[0]!
  // What comes by itself is not waited for.
  const order = method.starterShare > 0 ? bought(id) : {}
  const { leadDays = 0 } = order
  const courses = coursesOf(r.state, food, method, usualStand(food, method), gap.to + 2)
  const rel = reliabilityOf(r.state, food, method, courses)
  if (!Number.isFinite(rel.readyDays)) return []
  const likely = readyBy(rel, gap.to + 1 - leadDays)
  const readyIn = leadDays + rel.readyDays
  return [way(c, { kind: 'other food', food: id, readyIn, likely, ...order })]
}

function byHatching(c: ClosingContext, hatching: Hatching | null): Way[] {
  if (!hatching || !fits(c, hatching.food)) return []
  const { food } = hatching
  if (hatching.gramsLeft >= 1 && hatching.most.some(m => m > 0))
    return [way(c, { kind: 'more hatches', food, readyIn: 2, likely: HATCH_LIKELY })]
  const readyIn = buyingOf(hatchFood).leadDays + 2
  const order = { ...bought(food), apartDays: 0 }
  return [way(c, { kind: 'cysts', food, readyIn, likely: HATCH_LIKELY, ...order })]
}

/** Every way to close a gap, ranked by how much of it is closed how surely, then by cost. */
export function closing(
  r: PlanRequest,
  gap: Stretch,
  starts: readonly RoomStart[],
  hatching: Hatching | null,
): Way[] {
  const brood = r.state.broods.find(b => b.id === gap.brood)
  const day = brood && dayOf(r, brood, gap.from)
  if (!brood?.species || !day) return []
  const { zones, marine } = brood.species
  const mouth = { lengthMm: day.lengthMm, gapeUm: day.gapeUm, zones, marine }
  const everyH = 24 / Math.max(1, day.meals)
  const ids = EDIBLES.map(e => e.id)
  const c: ClosingContext = {
    r,
    gap,
    suits: new Map(EDIBLES.map(e => [e.id, suitability(e, mouth, everyH).value])),
    allowed: new Set(allowedFoods(ids, wishesOn(brood, addDays(r.from, gap.from)))),
  }
  const month = Number(r.from.slice(5, 7))
  const ways = [
    ...starts.flatMap(s => byStart(c, s)),
    ...ids.flatMap(id => byOtherFood(c, id, month)),
    ...byHatching(c, hatching),
  ]
  return ways
    .filter(w => w.closes * w.likely >= LEAST_CLOSED)
    .sort(
      (a, b) =>
        b.closes * b.likely - a.closes * a.likely ||
        a.cost - b.cost ||
        WAYS.indexOf(a.kind) - WAYS.indexOf(b.kind) ||
        compare(a.food, b.food),
    )
}

const bought = (food: string): Partial<Way> => {
  const { price, leadDays, apartDays } = buyingOf(foodOf(food)!)
  return { cost: price, leadDays, apartDays }
}

const dayOf = (r: PlanRequest, brood: BroodState, day: number): LadderDay | undefined =>
  broodLadder(brood, r.state.room, Math.max(0, brood.day + day), 1)[0]
