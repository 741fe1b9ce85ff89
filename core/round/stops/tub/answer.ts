import * as z from 'zod'
import type { Written } from '../../stopKind'
import type { TubStop } from './find'
import { piecesText } from '../../../feeds/portionText'

/** As a share of what was proposed. */
export const tubGiven = z.object({ share: z.number().min(0).max(100) })
export type TubGiven = z.infer<typeof tubGiven>

export function tubDone(stop: TubStop, given: TubGiven | null): Written {
  const share = given?.share ?? 1
  const tanks = stop.tanks.map(t => ({ tankId: t.tankId, amount: t.pieces * share }))
  return {
    said: `${piecesText(stop.pieces * share)} thaw in the day’s tub.`,
    records: [],
    entries: [
      {
        kind: 'store.portioned',
        subject: { type: 'store', id: stop.box.id },
        data: {
          storeId: stop.box.id,
          name: stop.box.name,
          on: stop.on,
          tanks,
          amount: stop.pieces * share,
        },
      },
    ],
  }
}
