import { nextTick } from 'vue'
import { useEventListener } from '@vueuse/core'

/** What closes something that opened: a Cancel (data-closes), a button that opened it, a summary. */
const CLOSERS = '[data-closes], button[aria-expanded="true"], details[open] > summary'
/** These close by themselves. */
const OWN_WAY = '[role="dialog"], :popover-open'

/** The closer of what opened last around an element: the nearest part of the page that has one, and in it the last. */
function closerAround(from: Element | null): HTMLElement | null {
  for (let part = from; part; part = part.parentElement) {
    const found = part.querySelectorAll<HTMLElement>(CLOSERS)
    if (found.length > 0) return found[found.length - 1]!
  }
  return null
}

/** Who goes by keys stands where the thing was that closed. */
async function standAt(part: Element | null): Promise<void> {
  await nextTick()
  if (document.activeElement !== document.body) return
  part?.querySelector<HTMLElement>('button, a[href], input, select')?.focus()
}

/** Escape closes whatever opened, the innermost first. */
export function useEscape(): void {
  useEventListener('keydown', (e: KeyboardEvent) => {
    if (e.key !== 'Escape' || e.defaultPrevented || document.querySelector(OWN_WAY)) return
    const closer = closerAround(document.activeElement ?? document.body)
    if (!closer) return
    e.preventDefault()
    const part = closer.closest('article, li, section, main')
    closer.click()
    void standAt(part)
  })
}
