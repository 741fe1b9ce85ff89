import { foodOf } from '../../../foods/index'
import { isHot } from '../../../estimation/diagnosis'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { CultureRecord, Place } from '../../../records/records'
import type { Level } from '../../../records/vocabulary'
import { running } from '../../../stock/cultures'
import { airAt, airNow, temperatureNow } from '../../../stock/placeTemperature'
import type { RoomState } from '../../../stock/roomState'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A culture that stands too warm where it is, with a cooler place for it. */
export interface CoolStop extends StopBase {
  kind: 'cool'
  culture: CultureRecord
  hereC: number
  to: Place
  level: Level
  thereC: number
}

/** A place that is cooler by less is not worth the way, °C. */
const COOLER_C = 2

/** The coolest spot of the room that a food bears; null where none is cooler enough. */
function coolerSpot(state: RoomState, hereC: number, leastC: number) {
  const spots = state.places.flatMap(place => {
    const air = airNow(place, state.entries)
    return (['bottom', 'middle', 'top'] as const).flatMap(level => {
      const c = airAt(air, level)
      return c === null ? [] : [{ place, level, c }]
    })
  })
  const fit = spots.filter(s => s.c >= leastC && s.c <= hereC - COOLER_C)
  return fit.reduce<(typeof fit)[number] | null>((a, b) => (a && a.c <= b.c ? a : b), null)
}

export function findCools({ state, round }: RoundContext): CoolStop[] {
  return running(state.cultureStates).flatMap((c): CoolStop[] => {
    const food = foodOf(c.record.foodId)
    if (!food || c.record.warmth !== 'place') return []
    const hereC = temperatureNow(c.record, state.places, state.entries)
    if (!isHot(food, hereC) || wasAnswered(state, round.key, 'cool', c.id)) return []
    const spot = coolerSpot(state, hereC, food.rangeC[0])
    if (!spot || spot.place.id === c.placeId) return []
    return [
      {
        kind: 'cool',
        key: stopKey('cool', c.id, round.key),
        subject: { type: 'culture', id: c.id, name: c.record.name },
        placeId: c.placeId,
        cautions: [],
        must: true,
        waitsH: 0,
        culture: c.record,
        hereC,
        to: spot.place,
        level: spot.level,
        thereC: spot.c,
      },
    ]
  })
}
