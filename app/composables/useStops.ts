import { nowInstant } from '~/composables/clock'
import { toRaw } from 'vue'
import type { Stop } from '@renatus/core/round/stop'
import type { Answer } from '@renatus/core/records/vocabulary'
import { useRoomStore } from '~/stores/room'
import { answeredElsewhere, RECKONED_ANEW } from '~/words/problems'
import { useOnAnswer } from '~/components/round/stopsOnScreen'
import { useUndo } from './useUndo'

/** Answers to stops of the round, written to the log as core words them. Each returns a problem in words, or null. */
export function useStops() {
  const room = useRoomStore()
  const undo = useUndo()
  const screen = useOnAnswer()

  /** @param given what really was, where it was not as proposed */
  async function answer(stop: Stop, how: Answer, given?: unknown): Promise<string | null> {
    // What was on the screen at the tap is what is answered.
    const roundKey = room.round?.current.key
    if (!roundKey) return RECKONED_ANEW
    const answered = await room.answer({
      stop: toRaw(stop),
      how,
      // Fields of a form are watched; what is handed to another thread is plain.
      given: given === undefined ? undefined : (JSON.parse(JSON.stringify(given)) as unknown),
      roundKey,
      now: nowInstant(),
    })
    if (!answered) return RECKONED_ANEW
    if (!answered.ok) return answered.message
    const result = await room.write(answered.entries, stop.key, answered.records)
    if (!result.ok) return answeredElsewhere(result, room.timeZone)
    undo.offer(result.act, answered.said, stop.key)
    screen?.answered(stop.key, how, answered.said)
    return null
  }

  return {
    done: (stop: Stop, given?: unknown) => answer(stop, 'done', given),
    notNow: (stop: Stop) => answer(stop, 'not-now'),
    enough: (stop: Stop) => answer(stop, 'enough'),
  }
}
