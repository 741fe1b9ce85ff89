import * as z from 'zod'
import type { Written } from '../../stopKind'
import type { CoolStop } from './find'

/** Nothing can be said instead. */
export const coolGiven = z.object({})
export type CoolGiven = z.infer<typeof coolGiven>

export const coolDone = (stop: CoolStop): Written => ({
  said: `${stop.culture.name} stands cooler now.`,
  records: [],
  entries: [
    {
      kind: 'culture.moved',
      subject: { type: 'culture', id: stop.culture.id },
      data: { cultureId: stop.culture.id, placeId: stop.to.id, level: stop.level },
    },
  ],
})
