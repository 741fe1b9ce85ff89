import type { HygieneClass } from '../../../foods/contract'
import type { Tended } from '../../../planning/amounts'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { LOOK_AFTER_H } from '../../../planning/tending'
import type { RoundContext, VesselAtRound } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Vessels of one place and class that want a look which could change what is done, and nothing else. */
export interface LooksStop extends StopBase {
  kind: 'looks'
  cultures: readonly Tended[]
  hygiene: HygieneClass
  because: string
}

/** A look may wait half as long again as after which it falls due. */
const waitsH = (v: Tended) => LOOK_AFTER_H[v.food.profile.family] / 2

/** Nothing else is done at it at this round, and nothing was. */
function onlyLookedAt(c: RoundContext, v: VesselAtRound): boolean {
  const busy = v.act !== null || v.draws.length + v.others.length > 0
  return !busy && !wasAnswered(c.state, c.round.key, 'vessel', v.tended.culture.id)
}

export function findLooks(c: RoundContext): LooksStop[] {
  if (c.round.feedingOnly) return []
  const groups = new Map<string, LooksStop>()
  for (const { tended, look } of c.vessels.filter(v => onlyLookedAt(c, v))) {
    const { placeId } = tended.culture
    const subject = `${placeId ?? 'room'} ${tended.method.hygiene}`
    if (!look || wasAnswered(c.state, c.round.key, 'looks', subject)) continue
    const place = c.state.places.find(p => p.id === placeId)?.name ?? 'the room'
    const found = groups.get(subject)
    groups.set(subject, {
      kind: 'looks',
      key: stopKey('looks', subject, c.round.key),
      subject: { type: 'place', id: placeId ?? c.state.room.id, name: place },
      placeId,
      cautions: [],
      must: false,
      waitsH: Math.min(found?.waitsH ?? Infinity, waitsH(tended)),
      cultures: [...(found?.cultures ?? []), tended],
      hygiene: tended.method.hygiene,
      because: look.because,
    })
  }
  return [...groups.values()]
}
