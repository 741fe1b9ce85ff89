import { shallowRef, watch } from 'vue'

/** Once the page has nothing else to do. */
const whenIdle = (act: () => void) =>
  'requestIdleCallback' in globalThis
    ? requestIdleCallback(act, { timeout: 3000 })
    : setTimeout(act, 500)

/**
 * Parts of core that only a room needs which has something in it.
 * @param wanted true as soon as there is one, or was one at the last visit
 * @returns the parts once they are there, and `prepare`: to be waited for before an empty room is filled, so that nothing
 * on the screen goes for as long as they take
 */
export function useLater(wanted: () => unknown) {
  const projector = shallowRef<typeof import('@renatus/core/stock/roomState') | null>(null)
  const reckoner = shallowRef<typeof import('@renatus/core/round/round') | null>(null)
  const prepare = async () => {
    projector.value ??= await import('@renatus/core/stock/roomState')
    reckoner.value ??= await import('@renatus/core/round/round')
  }
  watch(
    () => Boolean(wanted()),
    is => {
      if (!is || reckoner.value) return
      void import('@renatus/core/round/round')
      void prepare()
      // A tap is written at once, also where the network has gone meanwhile.
      whenIdle(
        () =>
          void Promise.all([
            import('@renatus/core/round/answerStop'),
            import('~/db/logbook'),
            import('~/db/registry'),
          ]),
      )
    },
    { immediate: true },
  )
  return { projector, reckoner, prepare }
}
