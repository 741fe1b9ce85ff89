import { hatchFood } from '../../../foods/hatchFood'
import { saltCautions } from '../../../foods/cautions'
import { stopKey, wasAnswered } from '../../../planning/reckoning/answered'
import type { PlannedHatch } from '../../../planning/plannedHatch'
import type { HatchCulture } from '../../../stock/hatchCultures'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A hatch to start at this round. */
export interface HatchStop extends StopBase {
  kind: 'hatch'
  planned: PlannedHatch
  /** The vessel still holds another hatch. */
  after: HatchCulture | null
}

export function findHatches(c: RoundContext): HatchStop[] {
  if (c.round.feedingOnly) return []
  return c.reckoning.hatch.hatches
    .filter(h => h.startRound.key === c.round.key)
    .filter(h => !wasAnswered(c.state, c.round.key, 'hatch', h.vessel.id))
    .map(planned => {
      const method = hatchFood.methods.find(m => m.id === planned.school) ?? hatchFood.methods[0]!
      const holds = (h: HatchCulture) => h.vesselId === planned.vessel.id && h.endedAt === null
      return {
        kind: 'hatch',
        key: stopKey('hatch', planned.vessel.id, c.round.key),
        subject: { type: 'vessel', id: planned.vessel.id, name: planned.vessel.name },
        placeId: planned.vessel.placeId,
        cautions: [
          ...method.start.flatMap(s => s.cautions ?? []),
          ...saltCautions(planned.salt?.iodised ?? false),
        ],
        must: true,
        waitsH: 0,
        planned,
        after: c.state.hatches.find(holds) ?? null,
      }
    })
}
