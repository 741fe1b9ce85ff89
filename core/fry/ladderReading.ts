import type { FeedProfile } from '../feeds/contract'
import type { LadderDay } from './ladder'
import { SUITABLE } from './shares'
import { suitability } from './suitability'
import type { Species } from './species/species'

/** A food is on the table from this share of a day. */
export const ON_TABLE = 0.05

/** The next food that comes to the table after a day, or null within the days given. */
export function nextChange(
  days: readonly LadderDay[],
  today: number,
): { food: string; day: number; from: readonly string[] } | null {
  const now = days.find(d => d.day === today)
  if (!now) return null
  const onTable = (d: LadderDay) => Object.keys(d.share).filter(id => d.share[id]! >= ON_TABLE)
  let present = onTable(now)
  for (const d of days) {
    if (d.day <= today) continue
    const next = onTable(d)
    const fresh = next.find(id => !present.includes(id))
    if (fresh) return { food: fresh, day: d.day, from: present }
    present = next
  }
  return null
}

/** First to last day on which each food is on the table. */
export function tableSpans(
  days: readonly LadderDay[],
): { food: string; from: number; to: number; most: number }[] {
  const spans = new Map<string, { food: string; from: number; to: number; most: number }>()
  for (const d of days) {
    for (const [food, share] of Object.entries(d.share)) {
      if (share < ON_TABLE) continue
      const span = spans.get(food)
      if (span) Object.assign(span, { to: d.day, most: Math.max(span.most, share) })
      else spans.set(food, { food, from: d.day, to: d.day, most: share })
    }
  }
  return [...spans.values()].sort((a, b) => a.from - b.from || b.to - a.to)
}

/** Foods among `all` that would close a gap day, the best first. */
export function closers(day: LadderDay, species: Species, all: readonly FeedProfile[]): string[] {
  const mouth = {
    lengthMm: day.lengthMm,
    gapeUm: day.gapeUm,
    zones: species.zones,
    marine: species.marine,
  }
  return all
    .map(f => ({ id: f.id, value: suitability(f, mouth, 24 / day.meals).value }))
    .filter(f => f.value >= SUITABLE)
    .sort((a, b) => b.value - a.value)
    .map(f => f.id)
}
