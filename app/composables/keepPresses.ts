/** A pointer that strays no farther than this has not left what it presses, px. */
const HELD_PX = 10
const PRESSED = 'button, a[href], summary, label'

interface Press {
  on: HTMLElement
  x: number
  y: number
  box: DOMRect
}

function pressOf(e: PointerEvent): Press | null {
  const on = (e.target as Element).closest<HTMLElement>(PRESSED)
  if (!on || !e.isPrimary || e.button !== 0) return null
  return { on, x: e.clientX, y: e.clientY, box: on.getBoundingClientRect() }
}

/** Whether the page moved what is pressed, while the pointer stayed. */
function wasPushedAway({ on, x, y, box }: Press, e: MouseEvent): boolean {
  if (Math.hypot(e.clientX - x, e.clientY - y) > HELD_PX) return false
  if (!on.isConnected || on.matches(':disabled')) return false
  const { top, left } = on.getBoundingClientRect()
  return Math.abs(top - box.top) + Math.abs(left - box.left) >= 1
}

/**
 * A press does what it was begun on. Where a message or an answer comes meanwhile and pushes the button away under the
 * thumb, a browser would give the press to whatever lies around both.
 */
export function keepPresses(): void {
  let press: Press | null = null
  const onCapture = { capture: true }
  window.addEventListener('pointerdown', e => (press = pressOf(e)), onCapture)
  window.addEventListener('pointercancel', () => (press = null), onCapture)
  window.addEventListener(
    'click',
    e => {
      const begun = press
      press = null
      // A key clicks without a pointer.
      if (!begun || e.detail === 0 || begun.on.contains(e.target as Node)) return
      if (!wasPushedAway(begun, e)) return
      e.stopImmediatePropagation()
      e.preventDefault()
      begun.on.click()
    },
    onCapture,
  )
}
