import { entriesOf } from '../records/entriesOf'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { Tank } from '../records/records'
import { addDays, localDateOf, type LocalDate } from '../time/localDate'

/** Temperature of a tank over time, degrees C: plain data, so that it can be handed to another thread. */
export interface TankTemperature {
  before: number
  /** Each holds from its date to the next, the last for good. */
  changes: readonly { on: LocalDate; c: number }[]
}

/** The same temperature on all dates. */
export const steadyAt = (c: number): TankTemperature => ({ before: c, changes: [] })

/** What was read or set in a tank; the future stays as it is now. */
export function tankTemperature(
  tank: Tank,
  entries: readonly Entry[],
  timeZone: string,
): TankTemperature {
  const read = ofKind(entriesOf(entries, 'tankId', tank.id), 'tank.temperature')
  return {
    before: read[0]?.data.was ?? tank.temperatureC,
    changes: read.map(e => ({ on: localDateOf(e.at, timeZone), c: e.data.temperatureC })),
  }
}

export const temperatureOn = ({ before, changes }: TankTemperature, date: LocalDate): number =>
  changes.findLast(p => p.on <= date)?.c ?? before

/** The temperature of all dates, null when it changed: most tanks never do, and long sums become a product. */
export const steadyC = ({ before, changes }: TankTemperature): number | null =>
  changes.length === 0 ? before : null

/** The same course some days later, and warmer. */
export const movedTemperature = (
  { before, changes }: TankTemperature,
  days: number,
  warmerC: number,
): TankTemperature => ({
  before: before + warmerC,
  changes: changes.map(p => ({ on: addDays(p.on, days), c: p.c + warmerC })),
})
