import { unprovided, type Unprovided } from '../../../planning/firstFood'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { BroodState } from '../../../stock/broodState'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A brood that will swim free before anything that fits its mouth stands here, unless somebody sees to it. */
export interface ProvideStop extends StopBase {
  kind: 'provide'
  brood: BroodState
  inDays: number
  late: Unprovided['late']
  ways: Unprovided['ways']
}

/** With so many days in hand it may wait a day. */
const SPARE_D = 2

/** Once a day is enough, whatever was said. */
const seenToday = (c: RoundContext, id: string) =>
  c.state.room.rounds.some(r => wasAnswered(c.state, `${c.round.date}T${r.at}`, 'provide', id))

export function findProvides(c: RoundContext): ProvideStop[] {
  if (c.round.feedingOnly) return []
  return unprovided(c.state, c.readings).flatMap((u): ProvideStop[] => {
    const { brood, inDays, late, ways } = u
    if (seenToday(c, brood.id)) return []
    const fastest = Math.min(...ways.map(w => w.days))
    const must = inDays - fastest < SPARE_D
    return [
      {
        kind: 'provide',
        key: stopKey('provide', brood.id, c.round.key),
        subject: { type: 'brood', id: brood.id, name: brood.name },
        placeId: null,
        cautions: [],
        must,
        waitsH: must ? 0 : 24,
        brood,
        inDays,
        late,
        ways,
      },
    ]
  })
}
