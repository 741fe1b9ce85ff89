import { ofKind } from '../records/effectiveEntries'
import type { Entry, EntryData } from '../records/entries'
import { addHours, hoursBetween, toMs, type Instant } from '../time/localDate'

/** A clock is an end instant in the log, not a timer: it survives whatever happens to the page. */
export interface Clock {
  id: string
  label: string
  startedAt: Instant
  endsAt: Instant
  /** Hours it was moved by since it was started, negative for sooner. */
  movedH: number
  about: { type: string; id: string }
  /** Hours to go; zero or less once it has ended. */
  left: number
  /** Share of the time that has passed, 0 to 1. */
  passed: number
  ended: boolean
}

/** So long an ended clock is shown whose subject the round asks for anyway, h. */
const SHOWN_H = 6
const IN_ROUND: readonly string[] = ['culture', 'store']

/** The round asks for what this clock was set for. */
const takenOver = (d: EntryData<'clock.started'>, now: Instant): boolean =>
  IN_ROUND.includes(d.about.type) && hoursBetween(d.endsAt, now) > SHOWN_H

/**
 * Clocks nobody has answered yet, the next to end first. The clock of a hatch is answered by its next pull or by emptying it,
 * that of a store by feeding it out or pouring it away.
 * @param stores ids of the stores that still hold something
 * @param movedH hours by which what a clock waits for is later than it was meant, by culture
 */
export function clocks(
  entries: readonly Entry[],
  now: Instant,
  stores: ReadonlySet<string>,
  movedH: ReadonlyMap<string, number> = new Map(),
): Clock[] {
  const seen = new Set(ofKind(entries, 'clock.seen').map(e => e.data.clockId))
  const lastAnswer = new Map<string, Instant>()
  for (const kind of ['culture.harvested', 'culture.ended'] as const) {
    for (const { at, data } of ofKind(entries, kind))
      if (at > (lastAnswer.get(data.cultureId) ?? '')) lastAnswer.set(data.cultureId, at)
  }
  const answered = (cultureId: string, since: Instant) => (lastAnswer.get(cultureId) ?? '') > since
  return ofKind(entries, 'clock.started')
    .filter(
      e =>
        !seen.has(e.data.clockId) &&
        !(e.data.about.type === 'culture' && answered(e.data.about.id, e.at)) &&
        !(e.data.about.type === 'store' && !stores.has(e.data.about.id)) &&
        !takenOver(e.data, now),
    )
    .map(({ at, data }) => {
      const by = data.about.type === 'culture' ? (movedH.get(data.about.id) ?? 0) : 0
      const endsAt = by === 0 ? data.endsAt : addHours(data.endsAt, by)
      const span = toMs(endsAt) - toMs(at)
      const passed = span <= 0 ? 1 : Math.min(1, Math.max(0, (toMs(now) - toMs(at)) / span))
      return {
        id: data.clockId,
        label: data.label,
        startedAt: at,
        endsAt,
        movedH: by,
        about: data.about,
        left: hoursBetween(now, endsAt),
        passed,
        ended: toMs(now) >= toMs(endsAt),
      }
    })
    .sort((a, b) => toMs(a.endsAt) - toMs(b.endsAt))
}
