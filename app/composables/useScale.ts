import * as z from 'zod'
import { onScopeDispose, ref } from 'vue'

/** A line of a scale's stream. */
const line = z.object({
  at: z.iso.datetime({ offset: true }),
  value: z.number().min(-1e5).max(1e5),
  unit: z.literal('g'),
  settled: z.boolean().optional(),
})

/** A live scale: what lies on it, and whether it has come to rest. */
export function useScale() {
  const grams = ref<number | null>(null)
  const settled = ref(false)
  const state = ref<'off' | 'on' | 'lost'>('off')
  let stream: EventSource | null = null
  function stop() {
    stream?.close()
    stream = null
    state.value = 'off'
  }
  function heard(text: string) {
    try {
      const found = line.safeParse(JSON.parse(text)).data
      if (!found) return
      grams.value = found.value
      settled.value = found.settled ?? false
      state.value = 'on'
    } catch {
      // Not a line of a scale: the number that stands is still the last one.
    }
  }
  /** @param path below /api/instruments */
  function start(path: string) {
    stop()
    grams.value = null
    settled.value = false
    stream = new EventSource(`/api/instruments/${path}`)
    stream.onmessage = e => heard(String(e.data))
    stream.onerror = () => (state.value = 'lost')
  }
  onScopeDispose(stop)
  return { grams, settled, state, start, stop }
}
