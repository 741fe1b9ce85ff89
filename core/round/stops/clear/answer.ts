import * as z from 'zod'
import type { Written } from '../../stopKind'
import type { ClearStop } from './find'

/** How much was thrown out, where not all of it. */
export const clearGiven = z.object({ amount: z.number().min(0).max(1e9) })
export type ClearGiven = z.infer<typeof clearGiven>

type Discarded = Written['entries'][number]
const discarded = (id: string, name: string, amount: number | null, reason: string): Discarded => ({
  kind: 'store.discarded',
  subject: { type: 'store', id },
  data: { storeId: id, name, amount, reason },
})

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
  if (what.of === 'gel')
    return {
      said: `${subject.name} is thrown out.`,
      records: [],
      entries: [
        discarded(subject.id, subject.name, given?.amount ?? what.box.pieces, 'past its days'),
      ],
    }
  const { stores } = what
  const amount = stores.length === 1 ? (given?.amount ?? null) : null
  return {
    said: `${stores.map(s => s.name).join(', ')}: thrown out.`,
    records: [],
    entries: stores.map(s => discarded(s.id, s.name, amount, 'past what it stands')),
  }
}
