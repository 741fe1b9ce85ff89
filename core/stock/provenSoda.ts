import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { HatchCulture } from './hatchCultures'

/** Tested like this the dose was right. */
const RIGHT_PH = { from: 8, to: 8.6 } as const
/** The last so many doses that were right count. */
const COUNTED = 5

/** Soda that brought the water of this room to 8.0 to 8.6, g/L: mean of the last doses that did; null while none is known. */
export function provenSoda(
  entries: readonly Entry[],
  hatches: readonly Pick<HatchCulture, 'id' | 'setup'>[],
): number | null {
  const right = ofKind(entries, 'culture.tested').flatMap(({ data }) => {
    const hatch = hatches.find(h => h.id === data.cultureId)
    const is = data.sodaG > 0 && data.pH >= RIGHT_PH.from && data.pH <= RIGHT_PH.to
    return hatch && is ? [data.sodaG / hatch.setup.waterL] : []
  })
  const last = right.slice(-COUNTED)
  return last.length === 0 ? null : last.reduce((a, b) => a + b, 0) / last.length
}
