import type { Caution } from '../../../foods/contract'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { feedUntil } from '../../../planning/reckoning/feedUntil'
import { isSpent } from '../../../planning/supply'
import { STORE_KEEPS } from '../../../records/vocabulary'
import { isPastUse, type GelBox } from '../../../stock/gelBoxes'
import type { HatchCulture } from '../../../stock/hatchCultures'
import type { Store } from '../../../stock/stores'
import { hoursBetween, toMs } from '../../../time/localDate'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Something that harms where it stays: a spent hatch, a store past what it stands, gel past its days. */
export interface ClearStop extends StopBase {
  kind: 'clear'
  what:
    | { of: 'hatch'; culture: HatchCulture; hours: number }
    | { of: 'stores'; stores: [Store, ...Store[]] }
    | { of: 'gel'; box: GelBox }
}

const ROTTEN: Caution = {
  id: 'rotten',
  text: 'A dead hatch smells: fresh air, drain with plenty of water, wash your hands, hot water through vessel and lines.',
}

const base = { cautions: [] as Caution[], must: false, waitsH: 24 }

function hatches(c: RoundContext): ClearStop[] {
  return c.state.hatches
    .filter(h => h.endedAt === null && isSpent(c.state, h))
    .map(culture => ({
      ...base,
      kind: 'clear',
      key: stopKey('clear', culture.id, c.round.key),
      subject: { type: 'culture', id: culture.id, name: culture.name },
      placeId: culture.placeId,
      cautions: [ROTTEN],
      must: true,
      waitsH: 0,
      what: { of: 'hatch', culture, hours: hoursBetween(culture.startedAt, c.state.now) },
    }))
}

const isSpentStore = (s: Store, now: RoundContext['state']['now']) => {
  const until = feedUntil(s)
  return until !== null && toMs(until) < toMs(now)
}

/**
 * A store is thrown out where it does harm, not at a fixed minute: chilled nauplii when they have starved. What stands together is
 * poured away together.
 */
function stores(c: RoundContext): ClearStop[] {
  const spent = c.state.stores.filter(s => isSpentStore(s, c.state.now))
  return STORE_KEEPS.flatMap((keep): ClearStop[] => {
    const [first, ...more] = spent.filter(s => s.keep === keep)
    if (!first) return []
    return [
      {
        ...base,
        kind: 'clear',
        key: stopKey('clear', first.id, c.round.key),
        subject: { type: 'store', id: first.id, name: first.name },
        placeId: null,
        what: { of: 'stores', stores: [first, ...more] },
      },
    ]
  })
}

const boxes = (c: RoundContext): ClearStop[] =>
  c.state.gel.boxes
    .filter(b => isPastUse(b, c.state.now))
    .map(box => ({
      ...base,
      kind: 'clear',
      key: stopKey('clear', box.id, c.round.key),
      subject: { type: 'store', id: box.id, name: box.name },
      placeId: null,
      what: { of: 'gel', box },
    }))

export function findClears(c: RoundContext): ClearStop[] {
  if (c.round.feedingOnly) return []
  return [...hatches(c), ...stores(c), ...boxes(c)].filter(
    s => !wasAnswered(c.state, c.round.key, 'clear', s.subject.id),
  )
}
