import type { RoomState } from '../stock/roomState'
import type { TrialRecord } from '../records/records'
import type { TrialRoom } from './member'

/** The part of a room that a trial is read out of: what its vessels are and what was told of them. */
export function partOf(state: RoomState, trial: TrialRecord): TrialRoom {
  const ids = new Set([trial.id, ...trial.members.flatMap(m => m.of?.id ?? [])])
  return {
    now: state.now,
    today: state.today,
    entries: state.entries.filter(
      e =>
        ids.has(e.subject.id) ||
        e.subject.type === 'place' ||
        ('trialId' in e.data && e.data.trialId === trial.id),
    ),
    cultures: state.cultures.filter(c => ids.has(c.id)),
    hatches: state.hatches.filter(h => ids.has(h.id)),
    lots: state.lots,
    learned: state.learned,
    places: state.places,
    materials: state.materials,
  }
}
