import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { ofKind } from '../../../records/effectiveEntries'
import type { HatchVessel, RoomState } from '../../../stock/roomState'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A hatch vessel and its lines that have run often since they were last bleached. */
export interface CleanStop extends StopBase {
  kind: 'clean'
  vessel: HatchVessel
  hatches: number
}

/** Hatches after which vessel and lines are bleached: film in them feeds bacteria (working estimate). */
export const CLEAN_AFTER = 6
/** Upkeep that may wait for a day off. */
const MAY_WAIT_H = 96

/** Hatches that have ended in a vessel since it was last bleached; those of long ago are a figure (stock/settled). */
function hatchesSince({ entries, hatches, settled }: RoomState, vesselId: string): number {
  const last = ofKind(entries, 'vessel.cleaned').findLast(e => e.data.vesselId === vesselId)
  const at = last?.at ?? ''
  const here = hatches.filter(h => h.vesselId === vesselId && (h.endedAt ?? '') > at).length
  return at < settled.before ? here + (settled.uncleaned[vesselId] ?? 0) : here
}

export function findCleans(c: RoundContext): CleanStop[] {
  const { state, round } = c
  if (round.feedingOnly) return []
  return state.hatchVessels.flatMap((vessel): CleanStop[] => {
    const runs = state.hatches.some(h => h.vesselId === vessel.id && h.endedAt === null)
    const hatches = hatchesSince(state, vessel.id)
    if (runs || hatches < CLEAN_AFTER || wasAnswered(state, round.key, 'clean', vessel.id))
      return []
    return [
      {
        kind: 'clean',
        key: stopKey('clean', vessel.id, round.key),
        subject: { type: 'vessel', id: vessel.id, name: vessel.name },
        placeId: vessel.placeId,
        cautions: [],
        must: false,
        waitsH: MAY_WAIT_H,
        vessel,
        hatches,
      },
    ]
  })
}
