import type { FeedingTip, FeedProfile } from '../feeds/contract'
import type { BroodState } from '../stock/broodState'

const tipFits = (tip: FeedingTip, broods: readonly BroodState[]) =>
  tip.when === 'always' ||
  broods.some(b =>
    tip.when === 'marine' ? b.species!.marine : b.species!.zones.includes(tip.when as 'bottom'),
  )

/** How a food is given to these broods. */
export const tipsFor = (food: FeedProfile, broods: readonly BroodState[]): string[] =>
  food.tips.filter(t => tipFits(t, broods)).map(t => t.text)
