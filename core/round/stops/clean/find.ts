import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import { ofKind } from '../../../records/effectiveEntries'
import type { HatchVessel } from '../../../stock/roomState'
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

export function findCleans(c: RoundContext): CleanStop[] {
  const { state, round } = c
  if (round.feedingOnly) return []
  return state.hatchVessels.flatMap((vessel): CleanStop[] => {
    const mine = state.hatches.filter(h => h.vesselId === vessel.id)
    const runs = mine.some(h => h.endedAt === null)
    const last = ofKind(state.entries, 'vessel.cleaned').findLast(
      e => e.data.vesselId === vessel.id,
    )
    const hatches = mine.filter(h => h.endedAt !== null && h.endedAt > (last?.at ?? '')).length
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
