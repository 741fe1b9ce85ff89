import type { Hatch } from '../dynamics/hatch/hatch'
import { addHours, type Instant } from '../time/localDate'
import { modelOfHatch, type HatchCulture } from './hatchCultures'

/** A pull, when it was meant and when it is due by what the thermometers of the bottle showed. */
export interface MovedPull {
  meant: Instant
  at: Instant
  /** Hours it is due later than meant, negative for sooner; 0 while nothing moved it. */
  byH: number
}

/** Less than this moves nothing, h: no thermometer tells it. */
const LEAST_H = 0.5

/** By how many hours a hatch is later than the one that was set, by its measured course. */
function lateBy(
  hatch: HatchCulture,
  model: Hatch,
  lot: Parameters<typeof modelOfHatch>[1],
  pH: number,
) {
  const asSet = modelOfHatch({ ...hatch, temperature: hatch.setup.temperatureC }, lot, pH)
  const { t90h } = model.curve
  const set = asSet.curve.t90h
  return t90h === null || set === null ? 0 : t90h - set
}

/** The pulls of a hatch that are still to come: where it was warmer or colder than was set they move with it. */
export function movedPulls(
  hatch: HatchCulture,
  model: Hatch,
  lot: Parameters<typeof modelOfHatch>[1],
  pH: number,
): MovedPull[] {
  const late = typeof hatch.temperature === 'number' ? 0 : lateBy(hatch, model, lot, pH)
  const byH = Math.abs(late) < LEAST_H ? 0 : late
  return hatch.setup.pullsAt.map((meant, i) => {
    const by = i < hatch.pulls.length ? 0 : byH
    return { meant, at: by === 0 ? meant : addHours(meant, by), byH: by }
  })
}
