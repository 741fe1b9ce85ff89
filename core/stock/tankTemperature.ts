import { entriesOf } from '../records/entriesOf'
import { ofKind } from '../records/effectiveEntries'
import { meansOf } from '../instruments/meansOf'
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
  const set = read.map(e => ({ on: localDateOf(e.at, timeZone), c: e.data.temperatureC as number }))
  return {
    before: read[0]?.data.was ?? tank.temperatureC,
    changes: [...set, ...dayMeans(entriesOf(entries, 'tankId', tank.id), timeZone)].sort((a, b) =>
      a.on < b.on ? -1 : 1,
    ),
  }
}

/** What an instrument in the water showed, day by day. */
function dayMeans(entries: readonly Entry[], timeZone: string): { on: LocalDate; c: number }[] {
  const points = ofKind(entries, 'tank.course').flatMap(e => meansOf(e.data.points))
  const byDay = new Map<LocalDate, number[]>()
  for (const { at, c } of points) {
    const on = localDateOf(at, timeZone)
    byDay.set(on, [...(byDay.get(on) ?? []), c])
  }
  return [...byDay].map(([on, day]) => ({ on, c: day.reduce((s, c) => s + c, 0) / day.length }))
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
