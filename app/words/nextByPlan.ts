import type { KeptStart } from '@renatus/core/planning/plan/keptPlan'
import { listed } from '@renatus/core/round/wayText'
import type { LocalDate } from '@renatus/core/time/localDate'
import { foodInText } from './foods'
import { plural } from './round'

/** A start after today as it comes next: where its starter has still to be ordered, that. */
function comesNext(
  s: KeptStart,
  today: LocalDate,
  ordered: ReadonlySet<string>,
): { on: LocalDate; text: string } | null {
  const food = foodInText(s.food)
  if (s.orderBy !== null && s.orderBy > today && !ordered.has(s.id))
    return { on: s.orderBy, text: `order a starter of ${food}` }
  return s.on > today ? { on: s.on, text: `start ${plural(s.vessels, 'vessel')} of ${food}` } : null
}

/**
 * What a kept plan asks for next, after today; null where it asks for nothing more.
 * @param ordered ids of starts whose starter is ordered or has come
 */
export function nextByPlan(
  left: readonly KeptStart[],
  today: LocalDate,
  ordered: ReadonlySet<string>,
  date: (d: LocalDate) => string,
): string | null {
  const coming = left.flatMap(s => comesNext(s, today, ordered) ?? [])
  const on = coming.map(c => c.on).sort()[0]
  if (on === undefined) return null
  const texts = new Set(coming.filter(c => c.on === on).map(c => c.text))
  return `The plan next: ${date(on)}, ${listed([...texts])}.`
}
