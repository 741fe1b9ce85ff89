import { shallowRef, watch } from 'vue'

/** Once the page has nothing else to do. */
const whenIdle = (act: () => void) =>
  'requestIdleCallback' in globalThis
    ? requestIdleCallback(act, { timeout: 3000 })
    : setTimeout(act, 500)

/**
 * Parts of core that only a room needs which has something in it.
 * @param wanted true as soon as there is one, or was one at the last visit
 */
export function useLater(wanted: () => unknown) {
  const projector = shallowRef<typeof import('@renatus/core/stock/roomState') | null>(null)
  const reckoner = shallowRef<typeof import('@renatus/core/round/round') | null>(null)
  watch(
    () => Boolean(wanted()),
    (is, was) => {
      if (!is || was) return
      void import('@renatus/core/stock/roomState').then(m => (projector.value = m))
      void import('@renatus/core/round/round').then(m => (reckoner.value = m))
      // A tap is written at once, also where the network has gone meanwhile.
      whenIdle(() => void Promise.all([import('~/db/logbook'), import('~/db/registry')]))
    },
    { immediate: true },
  )
  return { projector, reckoner }
}
