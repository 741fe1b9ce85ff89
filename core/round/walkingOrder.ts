import { HYGIENE } from '../foods/contract'
import { couldSpoil } from './hygiene'
import type { Stop } from './stop'
import type { Station } from './stopKind'
import { kindOf, STOP_KINDS } from './stopKinds'

const STATIONS: readonly Station[] = ['paper', 'thaw', 'cultures', 'tanks', 'kitchen']

interface Walk {
  stop: Stop
  station: number
  /** Place by its order in the room; -1 where it has none. */
  place: number
  /** By cleanness; high where it has none. */
  hygiene: number
  kind: number
  n: number
}

const hygieneOf = (stop: Stop) => kindOf(stop).rank(stop).hygiene

const cleanness = (stop: Stop) => {
  const hygiene = hygieneOf(stop)
  return hygiene === null ? HYGIENE.length : HYGIENE.indexOf(hygiene)
}

/** Whether a stop must wait because one that is still open would be spoiled by it. */
const mustWait = (w: Walk, open: readonly Walk[]): boolean => {
  const mine = hygieneOf(w.stop)
  if (mine === null) return false
  return open.some(o => {
    const other = hygieneOf(o.stop)
    return o !== w && other !== null && couldSpoil(mine, other) && !couldSpoil(other, mine)
  })
}

const byKind = (a: Walk, b: Walk) => a.hygiene - b.hygiene || a.kind - b.kind || a.n - b.n

/**
 * Stops of cultures so that nothing dirty is touched before what it could spoil, and each place is left as
 * seldom as that allows: from a place on to the one where most can be done.
 * @param from place that one stands at
 */
function walk(stops: readonly Walk[], from: number | null): Walk[] {
  const open = [...stops]
  const done: Walk[] = []
  let here = from
  while (open.length > 0) {
    const free = open.filter(w => !mustWait(w, open))
    const able = free.length > 0 ? free : open
    const stay = able.filter(w => w.place === here)
    if (stay.length === 0) here = bestPlace(able, open)
    const [next] = able.filter(w => w.place === here).sort(byKind)
    done.push(next!)
    open.splice(open.indexOf(next!), 1)
  }
  return done
}

/** The place to go to: where everything can be done in one visit, else where most can; of equal ones the first. */
function bestPlace(able: readonly Walk[], open: readonly Walk[]): number {
  const places = [...new Set(able.map(w => w.place))].sort((a, b) => a - b)
  const left = (p: number) => open.filter(w => w.place === p).length - doable(p, open)
  const cleanest = (p: number) => Math.min(...able.filter(w => w.place === p).map(w => w.hygiene))
  return places.reduce((best, p) =>
    left(p) < left(best) || (left(p) === left(best) && cleanest(p) < cleanest(best)) ? p : best,
  )
}

/** How many stops of a place can be done one after the other without leaving it. */
function doable(place: number, open: readonly Walk[]): number {
  const rest = [...open]
  let n = 0
  for (;;) {
    const next = rest.find(w => w.place === place && !mustWait(w, rest))
    if (!next) return n
    rest.splice(rest.indexOf(next), 1)
    n++
  }
}

/**
 * Stops in the order of doing: paper, what thaws, cultures from clean to dirty with the least walking, tanks by their rack, kitchen.
 * @param hereId where the last stop was answered: what is left of a round stands in the order it stood in
 */
export function walkingOrder(
  stops: readonly Stop[],
  places: readonly { id: string }[],
  hereId: string | null = null,
): Stop[] {
  const order = new Map(places.map((p, i) => [p.id, i]))
  const placeAt = (id: string | null) => (id === null ? -1 : (order.get(id) ?? places.length))
  const kinds = STOP_KINDS.map(k => k.kind)
  const here = hereId === null ? null : placeAt(hereId)
  const walks = stops.map((stop, n): Walk => ({
    stop,
    n,
    station: STATIONS.indexOf(kindOf(stop).rank(stop).station),
    place: placeAt(stop.placeId),
    hygiene: cleanness(stop),
    kind: kinds.indexOf(stop.kind),
  }))
  const byPlace = (a: Walk, b: Walk) => a.place - b.place || byKind(a, b)
  return STATIONS.flatMap((station, i) => {
    const mine = walks.filter(w => w.station === i)
    return station === 'cultures' ? walk(mine, here) : mine.sort(byPlace)
  }).map(w => w.stop)
}
