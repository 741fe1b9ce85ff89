import { HYGIENE, type HygieneClass } from '../foods/contract'
import type { Stop } from './stop'

/** Hatches: what is spent goes first, then food is drawn, then vessels are filled again. */
const BRINE = { empty: 0, discard: 0.1, harvest: 0.2, start: 0.3 } as const
const hygieneRank = (h: HygieneClass): number => HYGIENE.indexOf(h)
const LAST = HYGIENE.length

/**
 * Where a stop stands in a round: paper first (orders), then cultures from clean to dirty, hatches, tanks last.
 * A vessel that must wait for another class comes right after it; one that is thrown out comes after all other cultures.
 */
export function rankOf(stop: Stop): [group: number, within: number] {
  switch (stop.type) {
    case 'order':
    case 'restock':
      return [-1, 0]
    // Pieces thaw while the rest is done; the pot is put on when hands are free of fish, after all else.
    case 'old-gel':
      return [-0.5, 0]
    case 'tub':
      return [-0.5, 1]
    case 'cook':
      return [LAST + 2, 0]
    case 'looks':
      return [hygieneRank(stop.hygiene), 0]
    case 'culture':
      if (stop.tasks.some(t => t.kind === 'end')) return [hygieneRank('worms') + 0.6, 0]
      return stop.after === null
        ? [hygieneRank(stop.hygiene), 1]
        : [Math.max(hygieneRank(stop.hygiene), hygieneRank(stop.after)) + 0.5, 0]
    case 'begin':
      return [hygieneRank(stop.hygiene), 2]
    case 'tank':
      return [LAST + 1, 0]
    default:
      return [LAST + BRINE[stop.type], 0]
  }
}

/** Stops in the order of doing: by class, then place by place, else as they came. */
export function orderStops(stops: readonly Stop[], places: readonly { id: string }[]): Stop[] {
  const place = new Map(places.map((p, i) => [p.id, i]))
  const at = (s: Stop) => (s.placeId === null ? -1 : (place.get(s.placeId) ?? places.length))
  return stops
    .map((stop, i) => ({ stop, i, rank: rankOf(stop) }))
    .sort(
      (a, b) =>
        a.rank[0] - b.rank[0] ||
        (a.stop.type === 'tank' ? 0 : at(a.stop) - at(b.stop)) ||
        a.rank[1] - b.rank[1] ||
        a.i - b.i,
    )
    .map(x => x.stop)
}
