import type { RoomState } from '../stock/roomState'
import { minutesOf } from './minutes'
import { placeName } from './placeName'
import type { Stop } from './stop'
import type { StopLine } from './stopKind'
import { tellingOf } from './stopTellings'

/** One thing to do, as a line of a sheet: for paper, calendars, tables and terminals. */
export interface RoundLine extends StopLine {
  key: string
  place: string
  cautions: string[]
  minutes: number
}

/** What a stop says, line by line. */
export const wordsOf = (stop: Stop, state: RoomState): StopLine[] =>
  tellingOf(stop).words(stop, state)

/** Lines of the stops of a round, in their order. Minutes of a stop stand on its first line. */
export function roundLines(stops: readonly Stop[], state: RoomState, pace = 1): RoundLine[] {
  return stops.flatMap(stop => {
    const place = placeName(stop, state.places)
    return wordsOf(stop, state).map((part, i): RoundLine => ({
      key: `${stop.key}#${i}`,
      place,
      ...part,
      cautions: i === 0 ? stop.cautions.map(x => x.text) : [],
      minutes: i === 0 ? minutesOf(stop, pace) : 0,
    }))
  })
}
