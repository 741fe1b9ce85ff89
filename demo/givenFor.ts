import type { Stop } from '@renatus/core/round/stop'
import type { VesselStop } from '@renatus/core/round/stops/vessel/find'
import type { HarvestStop } from '@renatus/core/round/stops/harvest/find'
import type { RoomState } from '@renatus/core/stock/roomState'
import type { Context } from './draft'

/** What is really in the tin: the counts of the history pull the estimate from the label down to this. */
const TRUE_HATCH = 0.73
/** The harvest of the history that failed; every fifth is counted. */
const FAILED_HARVEST = 17
const COUNT_EVERY = 5
const CUP_ML = 200
const SAMPLES = 3
const SAMPLE_ML = 0.1

/** What came of a hatch, counted now and then. */
function harvestGiven(stop: HarvestStop, state: RoomState, c: Context) {
  const failed = c.harvest === FAILED_HARVEST
  const believed = state.lots[0]!.state.hatch
  // The expectation already holds what earlier counts taught; the truth does not move with it.
  const truth = failed ? 0.06 : (TRUE_HATCH / believed) * Math.exp(c.chance.normal(0, 0.1))
  const nauplii = Math.max(1, stop.pull.nauplii * truth)
  const perDrop = (nauplii / CUP_ML) * SAMPLES * SAMPLE_ML
  const animals = Math.max(0, Math.round(c.chance.normal(perDrop, Math.sqrt(perDrop))))
  if (c.harvest % COUNT_EVERY !== 2) {
    return failed ? { seen: 'failed', nauplii } : { seen: 'good' }
  }
  const counted = Math.max(1, (animals / (SAMPLES * SAMPLE_ML)) * CUP_ML)
  const count = { animals, samples: SAMPLES, sampleMl: SAMPLE_ML }
  return { seen: failed ? 'failed' : 'good', nauplii: counted, count }
}

/** Acts that the person of the loft puts off: a second jar is always for tomorrow. */
const LEFT = ['split', 'end']

/** Draws what is asked for; what is always for tomorrow stays. */
function vesselGiven(stop: VesselStop): unknown {
  if (!stop.act || !LEFT.includes(stop.act.kind)) return null
  return stop.draws.length > 0 ? { acted: 0 } : 'left'
}

/**
 * What the person of the demo says to a stop: null as proposed, `left` for what stays open.
 * Starts and orders of a plan are not among them: no plan is kept while the weeks are lived.
 */
export function givenFor(stop: Stop, state: RoomState, c: Context): unknown {
  switch (stop.kind) {
    case 'harvest':
      return harvestGiven(stop, state, c)
    case 'vessel':
      return vesselGiven(stop)
    case 'begin':
    case 'order':
      return 'left'
    default:
      return null
  }
}
