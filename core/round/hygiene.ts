import type { HygieneClass } from '../foods/contract'

/** What a line can be spoiled by when the same hands and jugs come from there: the classes of what grows, and tanks. */
const SPOILED_BY: Readonly<Record<HygieneClass, readonly (HygieneClass | 'tanks')[]>> = {
  'marine': ['pure', 'green-water', 'cladocerans', 'rotifers', 'tanks'],
  'pure': ['cladocerans', 'rotifers', 'tanks'],
  'green-water': ['cladocerans', 'rotifers', 'tanks'],
  'cladocerans': ['rotifers', 'tanks'],
  'rotifers': ['tanks'],
  'worms': ['tanks'],
  'brine': ['tanks'],
}

/** Whether touching `first` could spoil `then` when it is touched afterwards. */
export const couldSpoil = (first: HygieneClass | 'tanks', then: HygieneClass | 'tanks'): boolean =>
  then !== 'tanks' && SPOILED_BY[then].includes(first)
