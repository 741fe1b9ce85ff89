import { hatchFood } from '../../foods/hatchFood'
import { buyingOf, canBuyIn } from '../../foods/buying'
import { foodOf } from '../../foods/index'
import { EDIBLES } from '../../fry/edibles'
import type { LadderDay } from '../../fry/ladder'
import { allowedFoods } from '../../fry/wishes'
import { suitability } from '../../fry/suitability'
import { broodLadder, wishesNow } from '../../stock/broodLadder'
import type { BroodState } from '../../stock/broodState'
import { addDays, type LocalDate } from '../../time/localDate'
import { STANDS_IN_FROM } from './demand'
import type { Hatching } from './problem'
import { readyBy } from './redundancy'
import type { PlanRequest } from './request'
import { coursesOf, reliabilityOf, type RoomStart } from './startables'

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

/** A powder or a gel comes within two days (working estimate). */
const POWDER_DAYS = 2
const POWDER_PRICE = 6
const WARMER_C = 3
/** What is no living food may be poor, and still carry fry over some days. */
const BRIDGES_FROM = 0.1
const LEAST_CLOSED = 0.05

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
  const length = gap.to - gap.from + 1
  const suits = new Map(
    EDIBLES.map(e => [
      e.id,
      suitability(
        e,
        {
          lengthMm: day.lengthMm,
          gapeUm: day.gapeUm,
          zones: brood.species!.zones,
          marine: brood.species!.marine,
        },
        24 / Math.max(1, day.meals),
      ).value,
    ]),
  )
  const allowed = new Set(
    allowedFoods(
      EDIBLES.map(e => e.id),
      wishesNow(brood),
    ),
  )
  const fits = (food: string) => allowed.has(food) && (suits.get(food) ?? 0) >= STANDS_IN_FROM
  const way = (
    kind: Way['kind'],
    food: string,
    readyIn: number,
    likely: number,
    more: Partial<Way> = {},
  ): Way => ({
    kind,
    food,
    helpsFrom: addDays(r.from, Math.ceil(Math.max(0, readyIn))),
    likely,
    cost: 0,
    leadDays: 0,
    apartDays: 0,
    warmerC: 0,
    closes:
      Math.min(1, (suits.get(food) ?? 0) / Math.max(0.01, gap.share)) *
      Math.min(1, Math.max(0, gap.to + 1 - Math.max(gap.from, readyIn)) / length),
    ...more,
  })
  const month = Number(r.from.slice(5, 7))
  const ways: Way[] = []
  for (const s of starts) {
    if (!fits(s.food)) continue
    const wait = s.fromDay
    ways.push(
      way(
        s.bought ? 'buy' : 'start',
        s.food,
        wait + s.reliability.readyDays,
        readyBy(s.reliability, gap.to + 1 - wait),
        s.bought ? bought(s.food) : {},
      ),
    )
    if (s.temperatureC + WARMER_C <= s.foodOf.rangeC[1]) {
      const warm = reliabilityOf(
        r.state,
        s.foodOf,
        s.method,
        coursesOf(s.foodOf, s.method, s.vesselClass.litres, s.temperatureC + WARMER_C, gap.to + 2),
      )
      if (warm.readyDays <= s.reliability.readyDays - 1)
        ways.push(
          way('warmer', s.food, wait + warm.readyDays, readyBy(warm, gap.to + 1 - wait), {
            warmerC: WARMER_C,
          }),
        )
    }
  }
  for (const e of EDIBLES) {
    const food = foodOf(e.id)
    if (
      r.state.room.foods.includes(e.id) ||
      !(food ? fits(e.id) : allowed.has(e.id) && (suits.get(e.id) ?? 0) >= BRIDGES_FROM)
    )
      continue
    if (!food) {
      ways.push(way('bridge', e.id, POWDER_DAYS, 1, { cost: POWDER_PRICE, leadDays: POWDER_DAYS }))
      continue
    }
    if (food.profile.family === 'hatch' || !canBuyIn(food, month)) continue
    const method = food.methods[0]!
    const { leadDays } = buyingOf(food)
    const rel = reliabilityOf(
      r.state,
      food,
      method,
      coursesOf(
        food,
        method,
        method.vessel.volumeL,
        (food.rangeC[0] + food.rangeC[1]) / 2,
        gap.to + 2,
      ),
    )
    if (Number.isFinite(rel.readyDays))
      ways.push(
        way(
          'other food',
          e.id,
          leadDays + rel.readyDays,
          readyBy(rel, gap.to + 1 - leadDays),
          bought(e.id),
        ),
      )
  }
  if (hatching && fits(hatching.food)) {
    const noCysts = hatching.gramsLeft < 1 || hatching.most.every(m => m === 0)
    ways.push(
      way(
        noCysts ? 'cysts' : 'more hatches',
        hatching.food,
        noCysts ? buyingOf(hatchFood).leadDays + 2 : 2,
        0.98,
        noCysts ? { ...bought(hatching.food), apartDays: 0 } : {},
      ),
    )
  }
  return ways
    .filter(w => w.closes * w.likely >= LEAST_CLOSED)
    .sort(
      (a, b) =>
        b.closes * b.likely - a.closes * a.likely ||
        a.cost - b.cost ||
        WAYS.indexOf(a.kind) - WAYS.indexOf(b.kind) ||
        (a.food < b.food ? -1 : 1),
    )
}

const bought = (food: string): Partial<Way> => {
  const { price, leadDays, apartDays } = buyingOf(foodOf(food)!)
  return { cost: price, leadDays, apartDays }
}

const dayOf = (r: PlanRequest, brood: BroodState, day: number): LadderDay | undefined =>
  broodLadder(brood, r.state.room, Math.max(0, brood.day + day), 1)[0]
