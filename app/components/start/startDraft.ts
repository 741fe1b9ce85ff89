import * as z from 'zod'
import { LEVELS, VESSEL_KINDS } from '@renatus/core/records/vocabulary'

const text = z.string().max(200).default('')

/** A start that is under way: kept on this device, so that a reload in the middle of it loses nothing. */
const startDraft = z.object({
  id: text,
  foodId: text,
  methodId: text,
  kind: text,
  name: text,
  vesselId: text,
  vesselKind: z.enum(VESSEL_KINDS).or(z.literal('')).default(''),
  litres: text,
  depthCm: text,
  widthCm: text,
  placeId: text,
  level: z.enum(LEVELS).default('middle'),
  warmth: z.enum(['place', 'own']).default('own'),
  temperatureC: text,
  /** Empty until somebody chooses. */
  origin: z.enum(['cultures', 'bought', 'wild']).or(z.literal('')).default(''),
  parentId: text,
  starterMl: text,
  vessels: text,
  daysAgo: text,
  mother: z.boolean().default(false),
  keepVessel: z.boolean().default(false),
  ticked: z.array(z.number().int()).default([]),
  understood: z.array(z.string()).default([]),
})
export type StartDraft = z.infer<typeof startDraft>

/** What was left on this device, or a new one. What cannot be read is begun anew. */
export function readStart(stored: string | null, fresh: () => string): StartDraft {
  try {
    const parsed = startDraft.safeParse(JSON.parse(stored ?? 'null'))
    if (parsed.success && parsed.data.id !== '') return parsed.data
  } catch {
    /* not JSON: begun anew */
  }
  return startDraft.parse({ id: fresh(), vessels: '1', daysAgo: '0' })
}
