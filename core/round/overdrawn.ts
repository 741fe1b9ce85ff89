import { edible } from '../fry/edibles'
import type { Source } from '../planning/reckoning/source'
import { formatCount } from '../units/format'

/** What is drawn may lie above what is believed by rounding. */
const ROUNDING = 1.01

/** More than a source can give: what is left of it, so that the person may insist; null where there is enough. */
export function overdrawn(source: Source, organisms: number): string | null {
  const most = source.gives.p50
  if (organisms <= most * ROUNDING) return null
  const left = source.perUnit
    ? `${Number((most / source.perUnit).toPrecision(3))} ${source.unit}`
    : `${formatCount(most)} ${edible(source.foodId)?.units ?? 'animals'}`
  return `${source.name} gives ${left} at the most. Say it again if it was really more.`
}
