import { hatchFactors, productOfFactors } from '../dynamics/hatch/factors'
import { hatch, harvestWindow, type HarvestWindow, type Hatch } from '../dynamics/hatch/hatch'
import { CHILLED_HOLD_H } from '../dynamics/hatch/handling'
import type { HatchVessel } from '../stock/roomState'
import { hoursBetween, type Instant } from '../time/localDate'
import { grams } from '../units/quantity'
import { keeps, type Want } from './allocate'
import { broughtBy, type HatchWay } from './hatchWay'

/** The lot as the planner sees it. */
export interface LotForPlan {
  id: string
  name: string
  hatch: number
  cystsPerG: number
  speed: number
  spread: number
  gramsLeft: number
}
/** A way to cover a run of meals: start, pulls, and how many hatchable nauplii it takes. */
export interface HatchOption {
  vessel: HatchVessel
  startAt: Instant
  pullsAt: Instant[]
  wants: Want[]
  /** Hatchable nauplii needed in the bottle. */
  hatchable: number
  /** Useful share of a hatchable nauplius at the mouth: need over hatchable. */
  yieldShare: number
}

const emptyBottle = (vessel: HatchVessel, lot: LotForPlan, way: HatchWay) => ({
  vesselL: vessel.litres,
  cystsG: grams(0),
  saltGL: way.saltGL,
  pH: way.pH,
  lit: way.lit ?? vessel.lit,
  decapsulated: way.decapsulated,
  temperature: vessel.temperatureC,
  lot,
})

/** The model of a vessel that is filled as the plan fills it. */
export const vesselModel = (
  vessel: HatchVessel,
  lot: LotForPlan,
  way: HatchWay,
  cystsG = 0,
): Hatch => hatch({ ...emptyBottle(vessel, lot, way), cystsG: grams(cystsG) })

/** Until when a bottle is pulled, h after its start. */
export const lastCall = (window: HarvestWindow, way: Pick<HatchWay, 'pulls'>): number =>
  way.pulls === 'each' ? Math.max(window.lastCallH, window.drawUntilH) : window.lastCallH

/**
 * How many hatchable nauplii a start and its pulls take to cover the wants: the worst of all prefixes,
 * so that what an early pull leaves over may serve a later meal. Null when a meal comes before the first pull or after the hold.
 */
export function hatchOption(
  vessel: HatchVessel,
  model: Hatch,
  startAt: Instant,
  pullsAt: Instant[],
  wants: readonly Want[],
  way: Pick<HatchWay, 'pulls'>,
): HatchOption | null {
  const window = harvestWindow(model.curve)
  const last = pullsAt.at(-1)
  if (!window || !last || hoursBetween(startAt, last) > lastCall(window, way)) return null
  const hours = pullsAt.map(at => hoursBetween(startAt, at))
  const brought = broughtBy(way, model.curve, hours)
  const pulls = pullsAt.map((at, i) => ({ at, useful: brought[i]!.useful }))
  const first = pullsAt[0]!
  const mine = wants.filter(
    w => hoursBetween(first, w.at) > -1e-6 && hoursBetween(first, w.at) < CHILLED_HOLD_H - 1e-6,
  )
  let need = 0
  let hatchable = 0
  for (const want of mine) {
    need += want.useful
    const worth = pulls.reduce((sum, p) => {
      const hours = hoursBetween(p.at, want.at)
      return hours < -1e-6 ? sum : sum + p.useful * keeps({ holdH: CHILLED_HOLD_H }, hours)
    }, 0)
    if (worth <= 0) return null
    hatchable = Math.max(hatchable, need / worth)
  }
  return need > 0
    ? { vessel, startAt, pullsAt, wants: mine, hatchable, yieldShare: need / hatchable }
    : null
}

/** Grams of cysts for a number of hatchable nauplii in a vessel: crowding lowers the hatch, so it is solved by bisection. */
export function cystsFor(
  vessel: HatchVessel,
  lot: LotForPlan,
  way: HatchWay,
  hatchable: number,
): number {
  const yields = (g: number) => {
    const model = vesselModel(vessel, lot, way)
    const factors = hatchFactors(
      {
        vesselL: vessel.litres,
        cystsG: grams(g),
        saltGL: way.saltGL,
        pH: way.pH,
        lit: way.lit ?? vessel.lit,
      },
      model.factors.temperature,
    )
    return g * lot.cystsPerG * lot.hatch * productOfFactors(factors)
  }
  let lo = 0
  let hi = way.mostCystsGL * vessel.litres
  if (yields(hi) <= hatchable) return hi
  while (hi - lo > 1e-6 * hi) {
    const middle = (lo + hi) / 2
    if (yields(middle) < hatchable) lo = middle
    else hi = middle
  }
  return hi
}

/** Up to a tenth of a gram: what a kitchen or jewel scale shows. Never down to less than is needed. */
export const roundUpGrams = (g: number) => Math.max(0.1, Math.ceil(g * 10 - 1e-6) / 10)
