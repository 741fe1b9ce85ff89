import type { FeedProfile } from '../feeds/contract'
import { feeds } from '../feeds/index'
import { foodProfiles } from '../foods/profiles'

/** Everything a fry may be given: live foods and feeds. */
export const EDIBLES: readonly FeedProfile[] = [...foodProfiles, ...feeds]

const byId = new Map(EDIBLES.map(e => [e.id, e]))
export const edible = (id: string): FeedProfile | null => byId.get(id) ?? null
