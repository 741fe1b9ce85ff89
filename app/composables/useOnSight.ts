import { useIntersectionObserver } from '@vueuse/core'
import { ref, type Ref } from 'vue'

/** What came into sight waits for its frame: drawn all at once, charts would hold up the page. */
const waiting: (() => void)[] = []
function drawNext(): void {
  waiting.shift()?.()
  if (waiting.length > 0) requestAnimationFrame(drawNext)
}

/** True once an element has come near the window, and its turn to be drawn has come: one a frame. */
export function useOnSight(element: Ref<HTMLElement | null>) {
  const drawn = ref(false)
  const { stop } = useIntersectionObserver(
    element,
    ([entry]) => {
      if (!entry?.isIntersecting) return
      stop()
      waiting.push(() => (drawn.value = true))
      if (waiting.length === 1) requestAnimationFrame(drawNext)
    },
    { rootMargin: '200px' },
  )
  return drawn
}
