import { ofKind } from '../records/effectiveEntries'
import { meansOf } from '../instruments/meansOf'
import type { Entry } from '../records/entries'
import type { CultureRecord, Place } from '../records/records'
import type { Level } from '../records/vocabulary'
import type { Instant } from '../time/localDate'

interface Air {
  topC: number | null
  bottomC: number | null
}

/** Air of a place at one of its heights; one thermometer holds for all of it, none says nothing. */
export function airAt({ topC, bottomC }: Air, level: Level): number | null {
  if (topC === null || bottomC === null) return topC ?? bottomC
  return { top: topC, middle: (topC + bottomC) / 2, bottom: bottomC }[level]
}

/** Readings of a place in order of time, from what held before the first of them. */
function airCourse(place: Place, entries: readonly Entry[]): { at: Instant; air: Air }[] {
  const readings = ofKind(entries, 'place.temperature').filter(e => e.data.placeId === place.id)
  const before = readings[0]?.data.was ?? {
    topC: place.topC ?? null,
    bottomC: place.bottomC ?? null,
  }
  const courses = ofKind(entries, 'place.course')
    .filter(e => e.data.placeId === place.id)
    .flatMap(e => meansOf(e.data.points))
    .map(({ at, c }) => ({ at, air: { topC: c, bottomC: c } }))
  const read = [...readings.map(e => ({ at: e.at, air: e.data })), ...courses]
  return [{ at: '', air: before }, ...read.sort((a, b) => (a.at < b.at ? -1 : 1))]
}

/** How warm a place is now. */
export const airNow = (place: Place, entries: readonly Entry[]): Air =>
  airCourse(place, entries).at(-1)!.air

/**
 * Temperatures that a culture owes to where it stands, from its start on, in order of time: what it had at its start, and each change
 * by a thermometer of the place or by a move. Empty for a vessel that is warmed by itself, and where nobody has read a thermometer.
 */
export function placeTemperatures(
  c: CultureRecord,
  places: readonly Place[],
  entries: readonly Entry[],
): { at: Instant; temperatureC: number }[] {
  if (c.warmth !== 'place') return []
  const moves = ofKind(entries, 'culture.moved').filter(e => e.data.cultureId === c.id)
  const stays = [
    { at: c.startedAt, placeId: c.placeId, level: c.level },
    ...moves.map(e => ({ at: e.at, placeId: e.data.placeId, level: e.data.level })),
  ]
  return stays.flatMap((stay, i) => {
    const until = stays[i + 1]?.at ?? '\uffff'
    const place = places.find(p => p.id === stay.placeId)
    if (!place || stay.at >= until) return []
    const course = airCourse(place, entries)
    const held = course.findLast(x => x.at <= stay.at)!
    return [
      { at: stay.at, air: held.air },
      ...course.filter(x => x.at > stay.at && x.at < until),
    ].flatMap(({ at, air }) => {
      const temperatureC = airAt(air, stay.level)
      return temperatureC === null ? [] : [{ at, temperatureC }]
    })
  })
}

/** How warm a culture is now: what was read last, in the vessel or at its place. */
export function temperatureNow(
  c: CultureRecord,
  places: readonly Place[],
  entries: readonly Entry[],
): number {
  const inVessel = ofKind(entries, 'culture.temperature')
    .filter(e => e.data.cultureId === c.id)
    .map(e => ({ at: e.at, temperatureC: e.data.temperatureC as number }))
  const measured = ofKind(entries, 'culture.course')
    .filter(e => e.data.cultureId === c.id)
    .map(e => e.data.points.at(-1)!)
    .map(p => ({ at: p.at, temperatureC: p.c }))
  return (
    [...placeTemperatures(c, places, entries), ...inVessel, ...measured]
      .sort((a, b) => (a.at < b.at ? -1 : 1))
      .at(-1)?.temperatureC ?? c.temperatureC
  )
}
