import * as z from 'zod'
import { scaleReading } from '@renatus/core/instruments/scale'
import { streamReadings } from '../../utils/streamReadings'

const query = z.object({
  target: z.coerce.number().positive().max(20_000).default(1),
  seed: z.coerce.number().int().min(0).max(1e6).default(1),
})
const EVERY_MS = 250
/** It stands still for a while after it has come to rest. */
const LONGEST_S = 600

/** A scale to try things on: a hand pours toward the target. */
export default defineEventHandler(event => {
  const { target, seed } = queryOf(event, query)
  const from = Date.now()
  return streamReadings(event, EVERY_MS, tick => {
    const second = (tick * EVERY_MS) / 1000
    if (second > LONGEST_S) return 'end'
    const { grams, settled } = scaleReading(target, second, seed)
    return { at: new Date(from + second * 1000).toISOString(), value: grams, unit: 'g', settled }
  })
})
