import { nowMs } from '~/composables/clock'
import { onScopeDispose, ref, watch, type Ref } from 'vue'

const TITLE = 'Renatus'
/** Rings this long after a clock ended, then only the list remains: nobody wants a siren after a night. */
const RING_MS = 5 * 60_000
/** A phone in a pocket shakes with it: on, off, on. */
const BUZZ_MS = [200, 120, 200]

/** Sounds and flashes the title while a clock that ended is unanswered and the page is open. */
export function useRinging(ended: Ref<readonly { label: string; endsAt: string }[]>) {
  const blocked = ref(false)
  let context: AudioContext | undefined
  let timer: ReturnType<typeof setInterval> | undefined
  let flash = false

  async function tone() {
    context ??= new AudioContext()
    if (context.state === 'suspended')
      await Promise.race([context.resume(), new Promise(r => setTimeout(r, 200))])
    blocked.value = context.state !== 'running'
    if (blocked.value) return
    for (const [at, hz] of [
      [0, 660],
      [0.22, 880],
    ] as const) {
      const oscillator = context.createOscillator()
      const gain = context.createGain()
      oscillator.frequency.value = hz
      gain.gain.setValueAtTime(0.2, context.currentTime + at)
      gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + at + 0.2)
      oscillator.connect(gain).connect(context.destination)
      oscillator.start(context.currentTime + at)
      oscillator.stop(context.currentTime + at + 0.21)
    }
  }

  function quiet() {
    clearInterval(timer)
    timer = undefined
    blocked.value = false
    document.title = TITLE
  }

  watch(
    () => ended.value.map(c => c.label).join(),
    () => {
      if (ended.value.length === 0) return quiet()
      timer ??= setInterval(() => {
        flash = !flash
        document.title = flash ? `Now: ${ended.value[0]?.label ?? ''}` : TITLE
        const fresh = ended.value.some(c => nowMs() - Date.parse(c.endsAt) < RING_MS)
        if (!flash || !fresh) return
        if ('vibrate' in navigator) navigator.vibrate(BUZZ_MS)
        if ('AudioContext' in window) void tone()
      }, 1000)
    },
    { immediate: true },
  )
  onScopeDispose(quiet)
  return { blocked }
}
