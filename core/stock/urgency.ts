import type { Sheet } from '../fry/broodSheet'
import type { BroodState } from './broodState'

export type UrgencyCode =
  'unknown' | 'gap-now' | 'gap-soon' | 'first-food' | 'trial' | 'change-soon' | 'well' | 'eggs'

/** How much a brood wants looking at: smaller rank first, then fewer days. */
export interface Urgency {
  code: UrgencyCode
  rank: number
  inDays: number
}

/** The most pressing first. */
export const URGENCIES: readonly UrgencyCode[] = [
  'unknown',
  'gap-now',
  'gap-soon',
  'first-food',
  'trial',
  'change-soon',
  'well',
  'eggs',
]
/** A gap or change within so many days is near. */
const NEAR_DAYS = 7

/** What is most pressing about a brood. */
export function urgency(state: BroodState, sheet: Pick<Sheet, 'gaps' | 'next'> | null): Urgency {
  const of = (code: UrgencyCode, inDays: number): Urgency => ({
    code,
    rank: URGENCIES.indexOf(code),
    inDays,
  })
  if (!sheet) return of('unknown', 0)
  const today = state.day
  const gap = sheet.gaps.find(g => g.to >= today)
  if (gap && gap.from <= today && today >= 0) return of('gap-now', 0)
  if (gap && gap.from - today <= NEAR_DAYS) return of('gap-soon', gap.from - today)
  if (today < 0) return -today <= 3 ? of('first-food', -today) : of('eggs', -today)
  if (state.weaning.test) return of('trial', 0)
  const change = sheet.next ? sheet.next.day - today : Infinity
  return change <= NEAR_DAYS ? of('change-soon', change) : of('well', 0)
}
