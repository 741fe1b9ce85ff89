import { stopKey } from '../../../planning/reckoning/answered'
import { freezingOf, type Freezing } from '../../../planning/reckoning/cubes'
import type { ExpectedPull } from '../../../planning/supply'
import { modelOfHatch, type HatchCulture } from '../../../stock/hatchCultures'
import { pullForecast } from '../../../stock/pullForecast'
import { lotOfHatch, type RoomState } from '../../../stock/roomState'
import { hoursBetween } from '../../../time/localDate'
import type { RoundOccurrence } from '../../../time/rounds'
import type { RoundContext } from '../../roundContext'
import type { StopBase } from '../../stopBase'

/** A hatch that is pulled at this round. */
export interface HarvestStop extends StopBase {
  kind: 'harvest'
  pull: ExpectedPull
  /** Tanks that are fed of it at this round. */
  tanks: readonly string[]
  /** Part of it that is frozen, where cubes are wanted and it is over. */
  freeze: Freezing | null
}

export function findHarvests(c: RoundContext): HarvestStop[] {
  if (c.round.feedingOnly) return []
  const { pulls, meals } = c.reckoning.hatch
  return pulls
    .filter(p => p.round.key === c.round.key)
    .map(pull => {
      const draws = c.reckoning.draws.filter(d => d.source.id === pull.hatch.id)
      return {
        kind: 'harvest',
        key: stopKey('harvest', pull.hatch.id, c.round.key),
        subject: { type: 'culture', id: pull.hatch.id, name: pull.hatch.name },
        placeId: pull.hatch.placeId,
        cautions: [],
        must: true,
        waitsH: 0,
        pull,
        tanks: [...new Set(draws.map(d => d.tank.name))],
        freeze: freezingOf(c.state, pulls, pull, meals),
      }
    })
}

/** A hatch as it is pulled right now, whenever that is: by hand from its page, or at its round. */
export function harvestNow(
  state: RoomState,
  culture: HatchCulture,
  round: RoundOccurrence,
): HarvestStop {
  const lot = lotOfHatch(state, culture)
  const model = modelOfHatch(culture, lot, state.hatchPH)
  const h = Math.max(0, hoursBetween(culture.startedAt, state.now))
  const forecast = pullForecast(culture, model, lot, h)
  const pullNo = culture.pulls.length + 1
  return {
    kind: 'harvest',
    key: stopKey('harvest', culture.id, round.key),
    subject: { type: 'culture', id: culture.id, name: culture.name },
    placeId: culture.placeId,
    cautions: [],
    must: true,
    waitsH: 0,
    tanks: [],
    freeze: null,
    pull: {
      hatch: culture,
      round,
      pullNo,
      ofPulls: Math.max(pullNo, culture.setup.pullsAt.length || 1),
      nauplii: forecast.nauplii,
      energy: forecast.energy,
      useful: forecast.nauplii * forecast.energy,
      late: false,
      moved: null,
      why: forecast.why,
    },
  }
}
