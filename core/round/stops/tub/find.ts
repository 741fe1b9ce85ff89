import { lastingRounds } from '../../../planning/gelMeal'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { isPastUse, tubOf, type GelBox } from '../../../stock/gelBoxes'
import { piecesFor, type TankPieces } from '../../../stock/gelNeed'
import { timeOf } from '../../../time/rounds'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Pieces to take out of a box into the day's tub. */
export interface TubStop extends StopBase {
  kind: 'tub'
  box: GelBox
  on: string
  tanks: readonly (TankPieces & { tankName: string })[]
  pieces: number
}

/** A round of the day at which the tub is made. */
const isTubRound = (c: RoundContext) =>
  lastingRounds(c.state.room.rounds, Infinity).includes(timeOf(c.round))

export function findTubs(c: RoundContext): TubStop[] {
  const { state, round } = c
  if (!isTubRound(c) || tubOf(state.entries, round.date).length > 0) return []
  const { boxes, mixes } = state.gel
  const good = boxes.filter(b => !isPastUse(b, state.now))
  const wanted = piecesFor(
    { broods: state.broods, room: state.room, mixes, boxes: good },
    round.date,
  )
  const byBox = new Map<string, TubStop['tanks'][number][]>()
  for (const w of wanted) {
    const tankName = state.tanks.find(t => t.id === w.tankId)?.name ?? 'a tank'
    byBox.set(w.box.id, [...(byBox.get(w.box.id) ?? []), { ...w, tankName }])
  }
  return [...byBox.values()].flatMap((tanks): TubStop[] => {
    const { box } = tanks[0]!
    if (wasAnswered(state, round.key, 'tub', box.id)) return []
    return [
      {
        kind: 'tub',
        key: stopKey('tub', box.id, round.key),
        subject: { type: 'store', id: box.id, name: box.name },
        placeId: null,
        cautions: [],
        must: true,
        waitsH: 0,
        box,
        on: round.date,
        tanks,
        pieces: tanks.reduce((n, t) => n + t.pieces, 0),
      },
    ]
  })
}
