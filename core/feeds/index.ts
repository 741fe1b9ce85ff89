import type { FeedProfile } from './contract'
import { decapsulatedCysts } from './decapsulatedCysts'
import { firstPowder } from './firstPowder'
import { frozenNauplii } from './frozenNauplii'
import { gel } from './gel'

/** Foods that are no culture, listed by hand. */
export const feeds: readonly FeedProfile[] = [firstPowder, gel, frozenNauplii, decapsulatedCysts]
