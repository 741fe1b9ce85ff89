import * as z from 'zod'
import { lookAsDrawn } from '../vessel/answer'
import type { Written } from '../../stopKind'
import type { LooksStop } from './find'

/** The cultures that look as drawn; the others were looked at on their own sheet. */
export const looksGiven = z.object({ asDrawn: z.array(z.string()) })
export type LooksGiven = z.infer<typeof looksGiven>

export function looksDone(stop: LooksStop, given: LooksGiven | null): Written {
  const seen = stop.cultures.filter(v => given === null || given.asDrawn.includes(v.culture.id))
  const one = seen.length === 1 ? seen[0]!.culture.record.name : `${seen.length} vessels`
  return { entries: seen.map(lookAsDrawn), records: [], said: `${one}: as drawn.` }
}
