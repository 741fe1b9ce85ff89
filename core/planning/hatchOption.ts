import { hatchFactors, productOfFactors } from '../dynamics/hatch/factors'
import { hatch, harvestWindow, type Hatch } from '../dynamics/hatch/hatch'
import { CHILLED_HOLD_H } from '../dynamics/hatch/handling'
import type { HatchVessel } from '../stock/roomState'
import { hoursBetween, type Instant } from '../time/localDate'
import { grams, type GramsPerLitre } from '../units/quantity'
import { keeps, type Want } from './allocate'

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
export interface WaterForPlan {
  saltGL: GramsPerLitre
  pH: number
}

/** Load beyond which even a household bottle is not filled, g/L (Lavens & Sorgeloos 1996). */
export const MOST_CYSTS_GL = 5

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

const emptyBottle = (vessel: HatchVessel, lot: LotForPlan, water: WaterForPlan) => ({
  vesselL: vessel.litres,
  cystsG: grams(0),
  saltGL: water.saltGL,
  pH: water.pH,
  lit: vessel.lit,
  decapsulated: false,
  temperature: vessel.temperatureC,
  lot,
})

/** The model of a vessel that is filled as the plan fills it. */
export const vesselModel = (
  vessel: HatchVessel,
  lot: LotForPlan,
  water: WaterForPlan,
  cystsG = 0,
): Hatch => hatch({ ...emptyBottle(vessel, lot, water), cystsG: grams(cystsG) })

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
): HatchOption | null {
  const window = harvestWindow(model.curve)
  const last = pullsAt.at(-1)
  if (!window || !last || hoursBetween(startAt, last) > window.lastCallH) return null
  let taken = 0
  const pulls = pullsAt.map(at => {
    const h = hoursBetween(startAt, at)
    const useful = model.curve.pull(h, taken).useful
    taken = h
    return { at, useful }
  })
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
  water: WaterForPlan,
  hatchable: number,
): number {
  const yields = (g: number) => {
    const model = vesselModel(vessel, lot, water)
    const factors = hatchFactors(
      {
        vesselL: vessel.litres,
        cystsG: grams(g),
        saltGL: water.saltGL,
        pH: water.pH,
        lit: vessel.lit,
      },
      model.factors.temperature,
    )
    return g * lot.cystsPerG * lot.hatch * productOfFactors(factors)
  }
  let lo = 0
  let hi = MOST_CYSTS_GL * vessel.litres
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
