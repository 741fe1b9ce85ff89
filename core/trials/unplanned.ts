import { ofKind } from '../records/effectiveEntries'
import type { CultureRecord } from '../records/records'
import type { RoomState } from '../stock/roomState'
import { factorOf, type FactorId } from './factors'

/** Vessels that stood already, by what sets them apart. */
export interface Standing {
  name: string
  cultures: CultureRecord[]
}

const MOST_ARMS = 6
const MOST_EACH = 8

/**
 * Arms of vessels that were never meant to be compared: every word of what they were made with, or every school, of which
 * something stood. The newest vessels count.
 */
export function unplanned(
  state: Pick<RoomState, 'cultures' | 'entries'>,
  foodId: string,
  factor: FactorId,
  methodName: (id: string) => string,
): Standing[] {
  const { made, arm } = factorOf(factor)
  const words = new Map(
    ofKind(state.entries, 'culture.started').map(e => [e.data.cultureId, e.data.made]),
  )
  const nameOf = (c: CultureRecord): string => {
    if (arm === 'method') return methodName(c.methodId)
    return (made && words.get(c.id)?.[made]) || ''
  }
  const arms = new Map<string, CultureRecord[]>()
  for (const c of state.cultures) {
    const name = c.foodId === foodId ? nameOf(c) : ''
    if (name !== '') arms.set(name, [...(arms.get(name) ?? []), c])
  }
  return [...arms]
    .map(([name, cultures]) => ({ name, cultures: cultures.slice(-MOST_EACH) }))
    .sort((a, b) => b.cultures.length - a.cultures.length)
    .slice(0, MOST_ARMS)
}
