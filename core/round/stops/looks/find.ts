import type { HygieneClass } from '../../../foods/contract'
import type { Vat } from '../../../planning/amounts'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { LOOK_AFTER_H } from '../../../planning/tending'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** Vessels of one place and class that want a look which could change what is done, and nothing else. */
export interface LooksStop extends StopBase {
  kind: 'looks'
  vats: readonly Vat[]
  hygiene: HygieneClass
  because: string
}

/** A look may wait half as long again as after which it falls due. */
const waitsH = (v: Vat) => LOOK_AFTER_H[v.food.profile.family] / 2

export function findLooks(c: RoundContext): LooksStop[] {
  if (c.round.feedingOnly) return []
  const groups = new Map<string, LooksStop>()
  for (const v of c.vessels) {
    const { vat, look } = v
    const busy = v.act !== null || v.draws.length + v.others.length > 0
    if (busy || !look || wasAnswered(c.state, c.round.key, 'vessel', vat.culture.id)) continue
    const { placeId } = vat.culture
    const subject = `${placeId ?? 'room'} ${vat.method.hygiene}`
    if (wasAnswered(c.state, c.round.key, 'looks', subject)) continue
    const place = c.state.places.find(p => p.id === placeId)?.name ?? 'the room'
    const found = groups.get(subject)
    groups.set(subject, {
      kind: 'looks',
      key: stopKey('looks', subject, c.round.key),
      subject: { type: 'place', id: placeId ?? c.state.room.id, name: place },
      placeId,
      cautions: [],
      must: false,
      waitsH: Math.min(found?.waitsH ?? Infinity, waitsH(vat)),
      vats: [...(found?.vats ?? []), vat],
      hygiene: vat.method.hygiene,
      because: look.because,
    })
  }
  return [...groups.values()]
}
