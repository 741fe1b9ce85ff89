import { nowMs } from '~/composables/clock'
import { isPressed } from '~/composables/whenLifted'
import { ref, type Ref } from 'vue'

const toMinute = (ms: number) => new Date(Math.floor(ms / 60_000) * 60_000).toISOString()
const second = ref(nowMs())
const minute = ref(toMinute(nowMs()))
let timer: ReturnType<typeof setInterval> | undefined

/** One timer for the whole page, for as long as the page lives. */
function run() {
  timer ??= setInterval(() => {
    if (isPressed()) return
    second.value = nowMs()
    minute.value = toMinute(second.value)
  }, 1000)
}

/** The time for clocks, ms, every second. */
export function useSecond(): Ref<number> {
  run()
  return second
}

/** The time for plans, every minute: what is proposed must not flicker. */
export function useMinute(): Ref<string> {
  run()
  return minute
}
