import { nextTick, onScopeDispose, ref, type Ref } from 'vue'

/** What is drawn in one go before the page may breathe, ms; to lay it out and paint it takes as long once more. */
const SLICE_MS = 4
const waiting: (() => void)[] = []
let going = false

/** Draws parts one after another for a slice of time, then lets the browser paint and answer a finger. */
async function go(): Promise<void> {
  const from = performance.now()
  try {
    while (waiting.length > 0 && performance.now() - from < SLICE_MS) {
      waiting.shift()!()
      await nextTick()
    }
  } finally {
    going = false
    if (waiting.length > 0) later()
  }
}
function later(): void {
  if (going) return
  going = true
  // After the next painting, or soon where nothing is painted: a page behind another one is still drawn.
  let begun = false
  const begin = () => {
    if (begun) return
    begun = true
    void go()
  }
  requestAnimationFrame(() => setTimeout(begin))
  setTimeout(begin, 250)
}

/**
 * Whether a part of a view has its turn: the parts of a long view are drawn one after another, from the top, so that none of it
 * holds the page up.
 */
export function useInTurn(): Ref<boolean> {
  const here = ref(false)
  const show = () => {
    here.value = true
  }
  waiting.push(show)
  later()
  onScopeDispose(() => {
    const at = waiting.indexOf(show)
    if (at >= 0) waiting.splice(at, 1)
  })
  return here
}
