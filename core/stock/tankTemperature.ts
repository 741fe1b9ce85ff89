import { entriesOf } from '../records/entriesOf'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { Tank } from '../records/records'
import { localDateOf, type LocalDate } from '../time/localDate'

/** `steady` is the temperature of all dates, null when it changed: most tanks never do, and long sums become a product. */
export interface TankTemperature {
  at(date: LocalDate): number
  steady: number | null
}

/** Temperature of a tank on any date: what was read or set on or before it; the future stays as it is now. */
export function tankTemperature(
  tank: Tank,
  entries: readonly Entry[],
  timeZone: string,
): TankTemperature {
  const points = ofKind(entriesOf(entries, 'tankId', tank.id), 'tank.temperature').map(e => ({
    on: localDateOf(e.at, timeZone),
    c: e.data.temperatureC as number,
    was: e.data.was as number | null,
  }))
  const before = points[0]?.was ?? tank.temperatureC
  return {
    at: date => points.findLast(p => p.on <= date)?.c ?? before,
    steady: points.length === 0 ? before : null,
  }
}
