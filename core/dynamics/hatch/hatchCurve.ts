import { normalCdf } from '../../math/normalCdf'
import { energyLoss } from './energyLoss'
import { temperatureFactor } from './factors'
import { HATCH } from './parameters'
import { temperatureAt, type TemperatureCourse } from './temperature'

/** Time grid of the curve, h. Half of it changes T90 by less than 0.01 h and the useful share by less than 0.0005. */
export const CURVE_STEP_H = 0.1

/** The curve is drawn to this long after T90, h; what is left then is spent and is held at its last value. */
const TAIL_H = 120

export interface HatchTiming {
  temperature: TemperatureCourse
  /** Speed factor of the lot on degree-hours; 1 is the household figure, above 1 is faster. */
  speed: number
  /** Log standard deviation of the lot. */
  spread: number
  decapsulated: boolean
}

/**
 * The course of a hatch over time, as shares of all nauplii that will hatch:
 * `hatched` cumulative, `useful` hatched x energy left (full yolk = 1), `alive` what still swims in the bottle.
 */
export interface HatchCurve {
  t10h: number | null
  t50h: number | null
  t90h: number | null
  best: { h: number; useful: number; hatchedFraction: number } | null
  /** Time mean of the temperature factor on the final hatch. */
  meanTemperatureFactor: number
  meanTemperatureC: number
  maxTemperatureC: number
  hatchedAt(h: number): number
  usefulAt(h: number): number
  aliveAt(h: number): number
  /** What a pull at h brings when everything hatched by `sinceH` has been taken already. */
  pull(h: number, sinceH?: number): { hatchedFraction: number; useful: number }
}

/** When a share has hatched, h; null before. */
interface Mark {
  share: number
  at: number | null
}
function cross(mark: Mark, before: number, f: number, time: number): void {
  if (mark.at !== null || f < mark.share) return
  mark.at = time - CURVE_STEP_H * ((f - mark.share) / (f - before))
}
function peakOf(series: Float64Array): number {
  let peak = 0
  for (let i = 1; i < series.length; i++) if (series[i]! > series[peak]!) peak = i
  return peak
}

/**
 * Hatch curve by degree-hours: theta = sum of (min(T, 30) - 14) dt, F = Phi(ln(theta / 250) / spread).
 * @param timing temperature course and the lot's speed and spread
 * @param horizonH how far to simulate, h
 */
export function hatchCurve(timing: HatchTiming, horizonH: number = HATCH.horizonH): HatchCurve {
  let n = Math.ceil(horizonH / CURVE_STEP_H)
  let hatched = new Float64Array(n + 1)
  let useful = new Float64Array(n + 1)
  let alive = new Float64Array(n + 1)
  // Loss accumulated since start, so that energy between any two times is one exponential.
  let loss = new Float64Array(n + 1)
  const temperature = temperatureAt(timing.temperature)
  const pace = timing.speed / (timing.decapsulated ? HATCH.decapsulatedShare : 1)
  const t10: Mark = { share: 0.1, at: null }
  const t50: Mark = { share: 0.5, at: null }
  const t90: Mark = { share: 0.9, at: null }
  let theta = 0
  const factorSum = new Float64Array(n + 1)
  const temperatureSum = new Float64Array(n + 1)
  let maxTemperatureC = temperature(0)

  for (let i = 1; i <= n; i++) {
    const middle = temperature((i - 0.5) * CURVE_STEP_H)
    theta +=
      pace *
      Math.max(0, Math.min(middle, HATCH.capTemperatureC) - HATCH.baseTemperatureC) *
      CURVE_STEP_H
    const f = theta > 0 ? normalCdf(Math.log(theta / HATCH.medianDegreeHours) / timing.spread) : 0
    const before = hatched[i - 1]!
    hatched[i] = f
    const k = energyLoss(middle) * CURVE_STEP_H
    loss[i] = loss[i - 1]! + k
    // New nauplii are taken to hatch in the middle of the step.
    useful[i] = useful[i - 1]! * Math.exp(-k) + (f - before) * Math.exp(-k / 2)
    const time = i * CURVE_STEP_H
    const diesFrom = t90.at === null ? Infinity : t90.at + HATCH.crowdingDelayH
    const dying = Math.min(CURVE_STEP_H, Math.max(0, time - diesFrom))
    alive[i] = (alive[i - 1]! + f - before) * Math.exp(-HATCH.crowdingDeathPerHour * dying)
    for (const mark of [t10, t50, t90]) cross(mark, before, f, time)
    factorSum[i] = factorSum[i - 1]! + temperatureFactor(middle)
    temperatureSum[i] = temperatureSum[i - 1]! + middle
    if (t90.at !== null && time > t90.at + TAIL_H) n = i
    if (time <= (t90.at ?? HATCH.factorWindowH)) maxTemperatureC = Math.max(maxTemperatureC, middle)
  }

  // Curves are kept in a cache: hold no more than was drawn.
  ;[hatched, useful, alive, loss] = [
    hatched.slice(0, n + 1),
    useful.slice(0, n + 1),
    alive.slice(0, n + 1),
    loss.slice(0, n + 1),
  ]
  const at = (series: Float64Array, h: number) => {
    const x = Math.max(0, h) / CURVE_STEP_H
    if (x >= n) return series[n]!
    const i = Math.floor(x)
    return series[i]! + (series[i + 1]! - series[i]!) * (x - i)
  }
  const peak = peakOf(useful)
  const reached = useful[peak]! > 1e-6
  const window = Math.max(
    1,
    Math.min(n, Math.round((t90.at ?? HATCH.factorWindowH) / CURVE_STEP_H)),
  )
  return {
    t10h: t10.at,
    t50h: t50.at,
    t90h: t90.at,
    best: reached
      ? { h: peak * CURVE_STEP_H, useful: useful[peak]!, hatchedFraction: hatched[peak]! }
      : null,
    meanTemperatureFactor: factorSum[window]! / window,
    meanTemperatureC: temperatureSum[window]! / window,
    maxTemperatureC,
    hatchedAt: h => at(hatched, h),
    usefulAt: h => at(useful, h),
    aliveAt: h => at(alive, h),
    pull: (h, sinceH = 0) => ({
      hatchedFraction: at(hatched, h) - at(hatched, sinceH),
      useful: at(useful, h) - at(useful, sinceH) * Math.exp(at(loss, sinceH) - at(loss, h)),
    }),
  }
}
