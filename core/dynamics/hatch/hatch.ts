import {
  fullDensity,
  hatchFactors,
  productOfFactors,
  type HatchConditions,
  type HatchFactors,
} from './factors'
import { hatchCurve, type HatchCurve, type HatchTiming } from './hatchCurve'
import { HATCH } from './parameters'

/** What a lot of cysts is worth, as far as the hatch depends on it. */
export interface CystLot {
  /** Share of cysts that hatch under good conditions, 0 to 1. */
  hatch: number
  cystsPerG: number
  speed: number
  spread: number
}

export interface HatchSetup
  extends HatchConditions, Pick<HatchTiming, 'temperature' | 'decapsulated'> {
  lot: CystLot
}

export type HatchWarning =
  | 'over-2-g-per-L'
  | 'cold'
  | 'hot'
  | 'low-pH'
  | 'low-salt'
  | 'high-salt'
  | 'dark'
  | 'too-slow'
  | 'never'

/** A bottle of cysts, worked out: when, how many, and what holds it back. */
export interface Hatch {
  curve: HatchCurve
  factors: HatchFactors
  /** Nauplii that will hatch in all. */
  nauplii: number
  /** Share of cysts wasted because they are crowded, 0 to 1. */
  crowdingLoss: number
  warnings: HatchWarning[]
}

/** Limits that raise a warning (Lavens & Sorgeloos 1996; the upper salt limit is where the hatch starts to fall). */
export const HATCH_LIMITS = {
  coldC: 18,
  hotC: 30,
  lowPH: 8,
  lowSaltGL: 10,
  highSaltGL: 35,
  slowH: 60,
} as const

const curves = new Map<string, HatchCurve>()

/** The curve depends on few numbers that recur: the last ones are kept, about 50 kB each. */
const CURVES_KEPT = 256

function curveOf(timing: HatchTiming): HatchCurve {
  const key = JSON.stringify([timing.temperature, timing.speed, timing.spread, timing.decapsulated])
  let curve = curves.get(key)
  if (!curve) {
    curve = hatchCurve(timing)
    if (curves.size >= CURVES_KEPT) curves.delete(curves.keys().next().value!)
    curves.set(key, curve)
  }
  return curve
}

/** Works out a hatch. Total: any positive vessel and temperature has an answer, "never" among them. */
export function hatch(setup: HatchSetup): Hatch {
  const { speed, spread } = setup.lot
  const curve = curveOf({
    temperature: setup.temperature,
    decapsulated: setup.decapsulated,
    speed,
    spread,
  })
  const factors = hatchFactors(setup, curve.meanTemperatureFactor)
  const nauplii = setup.cystsG * setup.lot.cystsPerG * setup.lot.hatch * productOfFactors(factors)
  return {
    curve,
    factors,
    nauplii,
    crowdingLoss: 1 - factors.density,
    warnings: warningsOf(setup, curve, nauplii),
  }
}

function warningsOf(setup: HatchSetup, curve: HatchCurve, nauplii: number): HatchWarning[] {
  const found: [boolean, HatchWarning][] = [
    [setup.cystsG / setup.vesselL > fullDensity(setup.vesselL) + 1e-9, 'over-2-g-per-L'],
    [curve.meanTemperatureC < HATCH_LIMITS.coldC, 'cold'],
    [curve.maxTemperatureC > HATCH_LIMITS.hotC, 'hot'],
    [setup.pH < HATCH_LIMITS.lowPH, 'low-pH'],
    [setup.saltGL < HATCH_LIMITS.lowSaltGL, 'low-salt'],
    [setup.saltGL > HATCH_LIMITS.highSaltGL, 'high-salt'],
    [!setup.lit, 'dark'],
    [curve.t90h === null || curve.t90h > HATCH_LIMITS.slowH, 'too-slow'],
    [curve.t10h === null || nauplii <= 0, 'never'],
  ]
  return found.filter(([holds]) => holds).map(([, warning]) => warning)
}

export interface HarvestWindow {
  fromH: number
  toH: number
  lastCallH: number
  /** Last call of a bottle that is kept and drawn from. */
  drawUntilH: number
}

const windows = new WeakMap<HatchCurve, HarvestWindow | null>()

/** The stretch of hours in which a single pull brings at least 95 % of the best useful yield, and the last call after it. */
export function harvestWindow(curve: HatchCurve): HarvestWindow | null {
  let window = windows.get(curve)
  if (window === undefined) windows.set(curve, (window = findWindow(curve)))
  return window
}

/** Hours after T90 until what was kept has starved; warmer is sooner. */
const drawnFor = (temperatureC: number) =>
  HATCH.drawnForH / HATCH.energyQ10 ** ((temperatureC - HATCH.energyReferenceC) / 10)

function findWindow(curve: HatchCurve): HarvestWindow | null {
  if (!curve.best) return null
  const enough = 0.95 * curve.best.useful
  let fromH = curve.best.h
  let toH = curve.best.h
  while (fromH > 0.1 && curve.usefulAt(fromH - 0.1) >= enough) fromH -= 0.1
  while (toH < HATCH.horizonH && curve.usefulAt(toH + 0.1) >= enough) toH += 0.1
  return {
    fromH,
    toH,
    lastCallH: Math.max(toH, (curve.t90h ?? curve.best.h) + HATCH.crowdingDelayH),
    drawUntilH: (curve.t90h ?? curve.best.h) + drawnFor(curve.meanTemperatureC),
  }
}
