import type { GravityMend } from '@renatus/core/water/gravity'
import { formatGrams, formatLitres } from '@renatus/core/units/format'
import type { MeasureSystem } from '@renatus/core/units/kitchenMeasures'

/** What to do about the salt of a vessel, after what was read of it. */
export function gravityWords(mend: GravityMend, measures: MeasureSystem): string {
  switch (mend.kind) {
    case 'fits':
      return 'That is as the card mixes it.'
    case 'fresh':
      return `Too salty: water has evaporated. Pour in ${formatLitres(mend.litres, measures)} of fresh water, slowly.`
    case 'exchange':
      return `Far too salty: take out ${formatLitres(mend.litres, measures)} and pour in as much fresh water, in three goes over two days.`
    case 'salt':
      return `Too fresh: dissolve ${formatGrams(mend.grams)} of sea-salt mix in a cup of its water and pour it back over a day.`
  }
}
