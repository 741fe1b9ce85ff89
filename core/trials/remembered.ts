import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { RoomState } from '../stock/roomState'
import type { TrialRecord } from '../records/records'
import type { TrialAnswer } from './trialState'

export interface Remembered {
  trial: TrialRecord
  answer: TrialAnswer
}

/** What a trial came to; null while it runs. */
export function answerTo(trialId: string, entries: readonly Entry[]): TrialAnswer | null {
  const ended = ofKind(entries, 'trial.ended').findLast(e => e.data.trialId === trialId)
  return ended ? { ...ended.data, at: ended.at } : null
}

/** What this room has found out about a food, the newest first; trials of which no two arms were seen tell nothing. */
export function remembered(
  state: Pick<RoomState, 'trials' | 'entries'>,
  foodId: string,
): Remembered[] {
  return state.trials
    .flatMap((trial): Remembered[] => {
      const answer = trial.foodId === foodId ? answerTo(trial.id, state.entries) : null
      return answer && answer.arms.length > 1 ? [{ trial, answer }] : []
    })
    .sort((a, b) => (a.answer.at < b.answer.at ? 1 : -1))
}
