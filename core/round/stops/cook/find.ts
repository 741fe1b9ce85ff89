import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { ofKind } from '../../../records/effectiveEntries'
import { tubOf } from '../../../stock/gelBoxes'
import { gelCover, type Cover } from '../../../stock/gelNeed'
import type { RoomState } from '../../../stock/roomState'
import { daysBetween, localDateOf } from '../../../time/localDate'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A batch that must be cooked so that no day is missed. */
export interface CookStop extends StopBase {
  kind: 'cook'
  cover: Cover
  /** It should have been cooked before. */
  late: boolean
}

/** Days ahead of the last day at which a batch is first asked for: it fits into a round that has time. */
const ASK_AHEAD_DAYS = 1

/** How long the boxes of each mix last. */
export const coverNow = (state: RoomState, horizon?: number): Cover[] =>
  gelCover(
    {
      broods: state.broods,
      room: state.room,
      mixes: state.gel.mixes,
      boxes: state.gel.boxes,
      today: state.today,
      tubMade: tubOf(state.entries, state.today).length > 0,
    },
    horizon,
  )

/** Cooked today already, however little it was. */
const cookedToday = (c: RoundContext, cover: Cover) =>
  ofKind(c.state.entries, 'gel.cooked').some(
    e => e.data.mixId === cover.mix.id && localDateOf(e.at, c.state.room.timeZone) === c.round.date,
  )

export function findCooks(c: RoundContext): CookStop[] {
  const { state, round } = c
  if (round.feedingOnly || state.gel.mixes.length === 0) return []
  // No further than a round needs to see: ladders of the next days are known already.
  return coverNow(state, ASK_AHEAD_DAYS + 3).flatMap((cover): CookStop[] => {
    const { cookBy, mix } = cover
    if (cookBy === null || daysBetween(round.date, cookBy) > ASK_AHEAD_DAYS) return []
    if (cookedToday(c, cover) || wasAnswered(state, round.key, 'cook', mix.id)) return []
    const late = cookBy < round.date
    return [
      {
        kind: 'cook',
        key: stopKey('cook', mix.id, round.key),
        subject: { type: 'gel-mix', id: mix.id, name: mix.name },
        placeId: null,
        cautions: [],
        // A day without is a day missed: on its last day it is not put off any more.
        must: cookBy <= round.date,
        waitsH: Math.max(1, 24 * (daysBetween(round.date, cookBy) + 1)),
        cover,
        late,
      },
    ]
  })
}
