import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { TrialRecord } from '../records/records'

/** Trials that there are: one whose start was undone went with its vessels, one that has ended stays without them. */
export function liveTrials(
  trials: readonly TrialRecord[],
  cultures: ReadonlySet<string>,
  entries: readonly Entry[],
): TrialRecord[] {
  const ended = new Set(ofKind(entries, 'trial.ended').map(e => e.data.trialId))
  const stands = ({ members }: TrialRecord) =>
    members.some(m => m.of?.type !== 'culture' || cultures.has(m.of.id))
  return trials.filter(t => ended.has(t.id) || stands(t))
}
