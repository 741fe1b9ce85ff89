import { ofKind } from '../records/effectiveEntries'
import { isPastUse, tubOf, type GelBox } from '../stock/gelBoxes'
import { gelCover, piecesFor, type Cover, type TankPieces } from '../stock/gelNeed'
import type { RoomState } from '../stock/roomState'
import { lastingRounds } from '../planning/gelMeal'
import { daysBetween, localDateOf } from '../time/localDate'
import { timeOf, type RoundOccurrence } from '../time/rounds'
import type { StopBase } from './stopBase'

/** Pieces to take out of a box into the day's tub. */
export interface TubStop extends StopBase {
  type: 'tub'
  box: GelBox
  tanks: (TankPieces & { tankName: string })[]
  pieces: number
}
/** A batch that must be cooked so that no day is missed. */
export interface CookStop extends StopBase {
  type: 'cook'
  cover: Cover
  /** It should have been cooked before. */ late: boolean
}
/** A box past its days. */
export interface OldGelStop extends StopBase {
  type: 'old-gel'
  box: GelBox
}
export type GelStop = TubStop | CookStop | OldGelStop

/** Days ahead of the last day at which a batch is first asked for: it fits into a round that has time. */
const ASK_AHEAD_DAYS = 1
/** A round of the day at which the tub is made. */
const isTubRound = (state: RoomState, current: RoundOccurrence) =>
  lastingRounds(state.room.rounds, Infinity).includes(timeOf(current))

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

/** What gel asks for at a round: old boxes out, the day's tub, the next batch. */
export function gelStops(state: RoomState, current: RoundOccurrence): GelStop[] {
  const { boxes, mixes } = state.gel
  if (mixes.length === 0) return []
  const base = { placeId: null, cautions: [] }
  const old = boxes
    .filter(b => isPastUse(b, state.now))
    .map((box): OldGelStop => ({ ...base, type: 'old-gel', key: `old-gel:${box.id}`, box }))
  return [...old, ...tubStops(state, current), ...cookStops(state, current)]
}

function tubStops(state: RoomState, current: RoundOccurrence): TubStop[] {
  const { boxes, mixes } = state.gel
  if (!isTubRound(state, current) || tubOf(state.entries, current.date).length > 0) return []
  const wanted = piecesFor(
    {
      broods: state.broods,
      room: state.room,
      mixes,
      boxes: boxes.filter(b => !isPastUse(b, state.now)),
    },
    current.date,
  )
  return [...new Set(wanted.map(w => w.box.id))].map((id): TubStop => {
    const tanks = wanted
      .filter(w => w.box.id === id)
      .map(w => ({ ...w, tankName: state.tanks.find(t => t.id === w.tankId)?.name ?? 'a tank' }))
    return {
      type: 'tub',
      key: `tub:${id}:${current.date}`,
      placeId: null,
      cautions: [],
      box: tanks[0]!.box,
      tanks,
      pieces: tanks.reduce((n, t) => n + t.pieces, 0),
    }
  })
}

function cookStops(state: RoomState, current: RoundOccurrence): CookStop[] {
  if (current.feedingOnly) return []
  // No further than a round needs to see: ladders of the next days are known already.
  return coverNow(state, ASK_AHEAD_DAYS + 3)
    .filter(
      c =>
        c.cookBy !== null &&
        daysBetween(current.date, c.cookBy) <= ASK_AHEAD_DAYS &&
        !cookedSince(state, c, current),
    )
    .map((cover): CookStop => ({
      type: 'cook',
      key: `cook:${cover.mix.id}:${cover.emptyOn!}`,
      placeId: null,
      cautions: [],
      cover,
      late: cover.cookBy! < current.date,
    }))
}

/** Cooked today already, however little it was. */
const cookedSince = (state: RoomState, c: Cover, current: RoundOccurrence) =>
  ofKind(state.entries, 'gel.cooked').some(
    e => e.data.mixId === c.mix.id && localDateOf(e.at, state.room.timeZone) === current.date,
  )
