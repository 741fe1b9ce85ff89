import type { RoomState } from '../../stock/roomState'
import type { Way } from './closing'
import type { PlanGap } from './gaps'

/** From this share of a day's ration on that lacks, another food is worth its attention. */
const MOSTLY_LACKS = 0.5
/** Beside a line that is taken up, what still lacks from this share on is bridged. */
const STILL_LACKS = 0.2
/** Doubtful days are worth a tin from so many on. */
const LONG_D = 2
/** And it must close so much of that, so surely. */
const WORTH = 0.3
/** In place of dry food less is worth it: what lives is on the table sooner (working estimate). */
const WORTH_OF_LIVING = 0.2

/** What costs nothing and comes by itself may be so much less worth than the best. */
const NEARLY = 0.7

const worthOf = (w: Way) => w.closes * w.likely

/** The cheapest of those that close nearly as much as the best. */
function cheapest(ways: readonly Way[], least = WORTH): Way | undefined {
  const best = Math.max(0, ...ways.map(worthOf))
  return ways
    .filter(w => worthOf(w) >= Math.max(least, NEARLY * best))
    .sort((a, b) => a.cost - b.cost || worthOf(b) - worthOf(a))[0]
}

/**
 * Foods that the room does not keep and that would close what lacks: one for each such gap, living before dry.
 * @param besides foods that are taken up already: one living line is enough, what it leaves is bridged
 */
export function foodsToTakeUp(gaps: readonly PlanGap[], besides: readonly string[] = []): string[] {
  const first = besides.length === 0
  const found = gaps
    .filter(g => g.share >= (first ? MOSTLY_LACKS : STILL_LACKS))
    .flatMap(g => {
      const left = g.ways.filter(w => !besides.includes(w.food))
      const of = (kind: Way['kind']) => cheapest(left.filter(w => w.kind === kind))
      const way = first ? (of('other food') ?? of('bridge')) : of('bridge')
      return way ? [way.food] : []
    })
  return [...new Set(found)]
}

/** Living foods that the room does not keep, for stretches on which a brood would live on what only bridges. */
export function foodsForDry(bridged: readonly PlanGap[]): string[] {
  const found = bridged.flatMap(g => cheapest(g.ways, WORTH_OF_LIVING)?.food ?? [])
  return [...new Set(found)]
}

/** What bridges days that are planned and far from sure, where the room keeps nothing of the kind: dry food in a tin. */
export function foodsToBridge(doubts: readonly PlanGap[]): string[] {
  const found = doubts
    .filter(d => d.share >= STILL_LACKS && d.days >= LONG_D)
    .flatMap(d => cheapest(d.ways.filter(w => w.kind === 'bridge'))?.food ?? [])
  return [...new Set(found)]
}

/** The room as it would be with these foods in it. */
export const withFoods = (state: RoomState, foods: readonly string[]): RoomState => ({
  ...state,
  room: { ...state.room, foods: [...new Set([...state.room.foods, ...foods])] },
})
