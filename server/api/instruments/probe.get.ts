import * as z from 'zod'
import { PROBE_SCENARIOS, probeReading } from '@renatus/core/instruments/probe'
import { streamReadings } from '../../utils/streamReadings'

const query = z.object({
  scenario: z.enum(PROBE_SCENARIOS).default('steady'),
  /** So many times faster than the clock. */
  speed: z.coerce.number().min(1).max(600).default(1),
  seed: z.coerce.number().int().min(0).max(1e6).default(1),
})
/** A scenario goes on for so long, min. */
const LONGEST_MIN = 3 * 1440

/** A thermometer to try things on: a reading a minute, by the clock of its scenario. */
export default defineEventHandler(event => {
  const { scenario, speed, seed } = queryOf(event, query)
  const from = Date.now()
  return streamReadings(event, 60_000 / speed, tick => {
    if (tick > LONGEST_MIN) return 'end'
    const value = probeReading(scenario, tick, seed)
    const at = new Date(from + tick * 60_000).toISOString()
    // A probe that is silent has its clock told all the same: it runs faster than that of the page.
    return { at, value, unit: 'C' }
  })
})
