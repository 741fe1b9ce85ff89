import { ref, type Ref } from 'vue'
import { useEventListener, usePointerSwipe } from '@vueuse/core'

/** A tap so soon after something new came under the thumb was meant for what stood there before, ms. */
const SETTLE_MS = 350
const INTERACTIVE = 'a, button, input, select, textarea, summary, label'

export interface HandsFree {
  next(): void
  back(): void
  done(): void
  more(): void
}

/**
 * Swipes, keys of a presenter or a foot pedal, and taps that come twice.
 * @param area what is swiped
 * @returns `settle()`: something new stands under the thumb; what is tapped at once is not meant for it
 */
export function useHandsFree(area: Ref<HTMLElement | null>, on: HandsFree) {
  const since = ref(0)
  const settle = () => {
    since.value = performance.now()
  }
  const tooSoon = () => performance.now() - since.value < SETTLE_MS
  const { distanceX, distanceY } = usePointerSwipe(area, {
    threshold: 60,
    disableTextSelect: false,
    onSwipeEnd(_, direction) {
      if (Math.abs(distanceX.value) < 2 * Math.abs(distanceY.value)) return
      // What the finger lands on when it is lifted was not tapped.
      settle()
      if (direction === 'left') on.next()
      if (direction === 'right') on.back()
    },
  })
  useEventListener(
    area,
    'click',
    (e: MouseEvent) => {
      if (!tooSoon() && e.detail < 2) return
      e.preventDefault()
      e.stopPropagation()
    },
    { capture: true },
  )
  const KEYS: Record<string, () => void> = {
    ArrowRight: on.next,
    PageDown: on.next,
    ArrowLeft: on.back,
    PageUp: on.back,
    ArrowDown: on.more,
    Enter: on.done,
  }
  useEventListener('keydown', (e: KeyboardEvent) => {
    const act = KEYS[e.key]
    if (!act || e.ctrlKey || e.metaKey || e.altKey) return
    const target = e.target instanceof HTMLElement ? e.target : null
    if (target?.matches('input, select, textarea')) return
    if (e.key === 'Enter' && target?.closest(INTERACTIVE)) return
    e.preventDefault()
    if (!e.repeat && !tooSoon()) act()
  })
  return { settle }
}
