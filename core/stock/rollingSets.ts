import type { RollingSet } from '../records/records'
import { addHours, toMs, type Instant } from '../time/localDate'
import type { CultureState } from './cultures'

/** What a vessel of a set is for just now. */
export type RollingRole = 'reset' | 'half way' | 'feeding out'

export interface Rolling {
  set: RollingSet
  /** From the youngest to the one that is fed out. */
  members: { culture: CultureState; role: RollingRole }[]
  /** The vessel to reset next, and when. */
  next: CultureState | null
  nextAt: Instant | null
}

/** When a vessel of a set was last new: started, or renewed. */
const newAt = (c: CultureState) => c.renewedAt

/** Sets of vessels that are reset in turn: the oldest is fed out and reset next, so many days after the last reset. */
export function rollingSets(
  sets: readonly RollingSet[],
  states: readonly CultureState[],
): Rolling[] {
  return sets.map(set => {
    const mine = states
      .filter(c => c.ended === null && c.record.setId === set.id)
      .sort((a, b) => toMs(newAt(b)) - toMs(newAt(a)))
    const role = (i: number): RollingRole => {
      if (i === mine.length - 1 && mine.length > 1) return 'feeding out'
      return i === 0 ? 'reset' : 'half way'
    }
    return {
      set,
      members: mine.map((culture, i) => ({ culture, role: role(i) })),
      next: mine.at(-1) ?? null,
      nextAt: mine.length > 0 ? addHours(newAt(mine[0]!), set.everyDays * 24) : null,
    }
  })
}
