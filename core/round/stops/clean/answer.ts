import * as z from 'zod'
import { CLEANERS } from '../../../records/vocabulary'
import type { Written } from '../../stopKind'
import type { CleanStop } from './find'

/** With what it was cleaned. */
export const cleanGiven = z.object({ cleaner: z.enum(CLEANERS) })
export type CleanGiven = z.infer<typeof cleanGiven>

export function cleanDone(stop: CleanStop, given: CleanGiven | null): Written {
  const { vessel } = stop
  return {
    said: `${vessel.name} is clean.`,
    records: [],
    entries: [
      {
        kind: 'vessel.cleaned',
        subject: { type: 'vessel', id: vessel.id },
        data: { vesselId: vessel.id, cleaner: given?.cleaner ?? 'bleach' },
      },
    ],
  }
}
