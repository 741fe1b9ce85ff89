import * as z from 'zod'
import type { Written } from '../../stopKind'
import type { ClearStop } from './find'

/** How much was thrown out, where not all of it. */
export const clearGiven = z.object({ amount: z.number().min(0).max(1e9) })
export type ClearGiven = z.infer<typeof clearGiven>

const REASONS = { store: 'past what it stands', gel: 'past its days' } as const

export function clearDone(stop: ClearStop, given: ClearGiven | null): Written {
  const { what, subject } = stop
  if (what.of === 'hatch') {
    const { id } = what.culture
    return {
      said: `${subject.name} is empty.`,
      records: [],
      entries: [
        {
          kind: 'culture.ended',
          subject: { type: 'culture', id },
          data: {
            cultureId: id,
            how: 'discarded',
            cleaner: 'hot water',
            reason: 'spent',
            despite: [],
          },
        },
      ],
    }
  }
  const gel = what.of === 'gel' ? what.box.pieces : null
  return {
    said: `${subject.name} is thrown out.`,
    records: [],
    entries: [
      {
        kind: 'store.discarded',
        subject: { type: 'store', id: subject.id },
        data: {
          storeId: subject.id,
          name: subject.name,
          amount: given?.amount ?? gel,
          reason: REASONS[what.of],
        },
      },
    ],
  }
}
