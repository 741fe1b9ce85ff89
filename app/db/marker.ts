import type * as z from 'zod'
import { local } from './local'
import type { marker } from './markerSchema'

/** What is remembered of the room outside of its database: to notice that it has vanished. */
export type Marker = z.infer<typeof marker>

const KEY = 'renatus.marker'

/** Whether a room stood here at the last visit. */
export const hasMarker = (): boolean => local.get(KEY) !== null

export async function readMarker(): Promise<Marker | null> {
  const text = local.get(KEY)
  if (text === null) return null
  // The first view of an empty room does without what checks.
  const { marker } = await import('./markerSchema')
  try {
    return marker.safeParse(JSON.parse(text)).data ?? null
  } catch {
    return null
  }
}
export const writeMarker = (m: Marker) => local.set(KEY, JSON.stringify(m))
export const forgetMarker = () => local.remove(KEY)
