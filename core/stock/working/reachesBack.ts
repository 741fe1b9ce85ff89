import type { Entry } from '../../records/entries'
import type { Instant } from '../../time/localDate'

/** Every text in a value, however deep. */
function* textsIn(value: unknown): Generator<string> {
  if (typeof value === 'string') yield value
  else if (typeof value === 'object' && value !== null)
    for (const inner of Object.values(value)) yield* textsIn(inner)
}

/**
 * Whether an entry that came speaks of what is settled: a late one, one about a thing that is over, or one that strikes out
 * or corrects what lies before the border. The working log is then made anew of the whole.
 * @param known entries of the working log and those that came after it
 */
export function reachesBack(
  came: readonly Entry[],
  known: readonly Entry[],
  before: Instant,
  over: ReadonlySet<string>,
): boolean {
  if (came.length === 0) return false
  const isRecent = (e: Entry) => e.at >= before
  const safeAct = (act: string) => {
    const mine = known.filter(e => e.act === act)
    return mine.length > 0 && mine.every(isRecent)
  }
  const safeId = (id: string) => known.some(e => e.id === id && isRecent(e))
  return came.some(e => {
    if (!isRecent(e)) return true
    if (e.kind === 'undone' && !safeAct(e.data.act)) return true
    if (e.supersedes !== null && !safeId(e.supersedes)) return true
    for (const text of textsIn([e.subject.id, e.data])) if (over.has(text)) return true
    return false
  })
}
