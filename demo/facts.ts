import type { RoomFile } from '@renatus/core/formats/roomFile'
import { buildRound } from '@renatus/core/round/round'
import { roomState } from '@renatus/core/stock/roomState'
import { addDays, daysBetween, hoursBetween, localDateOf, type Instant } from '@renatus/core/time/localDate'
import { HISTORY_DAYS } from './netLoft'

/** What must be true of the demo room on any day it is opened; returns the facts that are not. */
export function brokenFacts(file: RoomFile, now: Instant): string[] {
  const state = roomState(file.records, file.entries, now)
  if (!state) return ['there is a room']
  const round = buildRound(state)
  const today = localDateOf(now, state.room.timeZone)
  const expected = state.broods.find(b => b.dateKind === 'expected')
  const firstHatch = round.plan.hatches.find(h => h.meals.some(m => m.broods.some(b => b.brood.id === expected?.id)))
  const running = state.runs.filter(r => r.endedAt === null)
  const facts: [string, boolean][] = [
    ['a spawn is expected in some days', expected !== undefined && daysBetween(today, expected.freeSwimmingOn) >= 1],
    ['its first food runs already or must be started by tomorrow', firstHatch === undefined ? running.length > 0 : localDateOf(firstHatch.startAt, state.room.timeZone) <= addDays(today, 1)],
    ['a hatch runs', running.some(r => hoursBetween(r.startedAt, now) >= 0)],
    ['there is something to do at this round', round.stops.length > 0],
    ['the log goes back eight weeks', state.entries.length > 200 && hoursBetween(state.entries[0]!.at, now) > (HISTORY_DAYS - 3) * 24],
    ['the lot has learned from counts', state.lots.some(l => l.state.counts >= 3 && l.state.gramsLeft > 5)],
    ['a hatch failed once', state.runs.some(r => r.pulls.some(p => p.seen === 'failed'))],
    ['nothing lies in the future', state.entries.every(e => e.at <= now)],
  ]
  return facts.filter(([, holds]) => !holds).map(([fact]) => fact)
}
