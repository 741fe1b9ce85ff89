import { CLEAN_UP_H } from '../dynamics/hatch/handling'
import type { Reason } from '../reasons/reason'
import type { RoomState } from '../stock/roomState'
import { hoursBetween } from '../time/localDate'
import { vesselModel, type LotForPlan } from './hatchOption'
import type { HatchWay } from './hatchWay'
import type { PlannedHatch } from './plannedHatch'

export interface Rotation {
  vessels: number
  has: number
  why: Reason
}

/** Hours between harvests of a steady rotation: fresh nauplii once a day, chilled for the rounds between. */
export const HARVEST_INTERVAL_H = 24

/** How many vessels a steady rotation needs: hatch time plus clean-up over the harvest interval, rounded up, plus one in reserve. */
export function rotationFor(
  state: RoomState,
  hatches: readonly PlannedHatch[],
  lot: LotForPlan | null,
  way: HatchWay,
): Rotation | null {
  const vessel = state.hatchVessels[0]
  if (!vessel || !lot) return null
  const planned = hatches[0]
  const hours = planned
    ? hoursBetween(planned.startAt, planned.pulls.at(-1)!.at)
    : vesselModel(vessel, lot, way).curve.best?.h
  if (hours === undefined) return null
  const vessels = Math.ceil((hours + CLEAN_UP_H) / HARVEST_INTERVAL_H) + 1
  return {
    vessels,
    has: state.hatchVessels.length,
    why: {
      result: { label: 'vessels for a steady rotation', value: vessels, unit: 'vessels' },
      rule: 'Hatch time and clean-up over the time between harvests, rounded up, and one in reserve.',
      formula: 'ceil((hours + cleanUp) / interval) + 1',
      inputs: [
        {
          key: 'hours',
          label: 'start to last pull',
          value: hours,
          unit: 'h',
          from: (planned?.vessel ?? vessel).name,
        },
        {
          key: 'cleanUp',
          label: 'clean-up',
          value: CLEAN_UP_H,
          unit: 'h',
          from: 'working estimate',
        },
        {
          key: 'interval',
          label: 'between harvests',
          value: HARVEST_INTERVAL_H,
          unit: 'h',
          from: 'one fresh harvest a day',
        },
      ],
      source: 'Lavens & Sorgeloos 1996',
    },
  }
}
