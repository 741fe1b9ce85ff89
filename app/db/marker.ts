import * as z from 'zod'
import { local } from './local'

/** What is remembered of the room outside of its database: to notice that it has vanished. */
const marker = z.object({
  name: z.string(),
  entries: z.number().int().min(0),
  exportedAt: z.string().nullable(),
})
export type Marker = z.infer<typeof marker>

const KEY = 'renatus.marker'

export function readMarker(): Marker | null {
  try {
    return marker.safeParse(JSON.parse(local.get(KEY) ?? 'null')).data ?? null
  } catch {
    return null
  }
}
export const writeMarker = (m: Marker) => local.set(KEY, JSON.stringify(m))
export const forgetMarker = () => local.remove(KEY)
