import { newId } from '~/db/newId'
import type { Stop } from '@renatus/core/round/stop'
import type { Answer } from '@renatus/core/records/vocabulary'
import { useRoomStore } from '~/stores/room'
import { answeredElsewhere, RECKONED_ANEW } from '~/words/problems'
import { useUndo } from './useUndo'

/** Answers to stops of the round, written to the log as core words them. Each returns a problem in words, or null. */
export function useStops() {
  const room = useRoomStore()
  const undo = useUndo()

  /** @param given what really was, where it was not as proposed */
  async function answer(stop: Stop, how: Answer, given?: unknown): Promise<string | null> {
    // What was on the screen at the tap is what is answered.
    const { roundState: state, round } = room
    if (!state || !round) return RECKONED_ANEW
    const { answerStop } = await import('@renatus/core/round/answerStop')
    const context = {
      state,
      roundKey: round.current.key,
      now: new Date().toISOString(),
      newId,
    }
    const answered = answerStop(stop, { how, given }, context)
    if (!answered.ok) return answered.message
    const result = await room.write(answered.entries, stop.key, answered.records)
    if (!result.ok) return answeredElsewhere(result, room.timeZone)
    undo.offer(result.act, answered.said, stop.key)
    return null
  }

  return {
    done: (stop: Stop, given?: unknown) => answer(stop, 'done', given),
    notNow: (stop: Stop) => answer(stop, 'not-now'),
    enough: (stop: Stop) => answer(stop, 'enough'),
  }
}
