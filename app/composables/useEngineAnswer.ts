import { shallowRef, watch, type Ref, type ShallowRef } from 'vue'
import { useRoomStore } from '~/stores/room'

/**
 * What the engine says to a question, which is asked again whenever the room or the day changes. What was known stands until
 * the answer comes, and where an engine that has just been started anew knows nothing yet. Null until the first one.
 * @param again where it changes it is another question
 */
export function useEngineAnswer<T>(
  ask: () => Promise<T | null>,
  again?: Ref<unknown>,
): ShallowRef<T | null> {
  const room = useRoomStore()
  const answer: ShallowRef<T | null> = shallowRef(null)
  watch(
    [() => room.version, () => room.state?.today, () => again?.value],
    async () => {
      if (room.state) answer.value = (await ask()) ?? answer.value
    },
    { immediate: true },
  )
  return answer
}
