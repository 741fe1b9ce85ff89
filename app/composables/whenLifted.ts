/** A finger that was never seen to lift holds the page up no longer than this, ms. */
const LONGEST_MS = 3000

let down = false
let since = 0
const waiting = new Set<() => void>()

function lift(): void {
  if (!down) return
  down = false
  // After the click that the lifting makes.
  setTimeout(() => {
    for (const go of [...waiting]) go()
    waiting.clear()
  })
}

if (typeof document !== 'undefined') {
  const options = { capture: true, passive: true }
  document.addEventListener(
    'pointerdown',
    () => {
      down = true
      since = performance.now()
    },
    options,
  )
  for (const end of ['pointerup', 'pointercancel']) document.addEventListener(end, lift, options)
}

/** Whether a finger or a button of the mouse is down: what moves under it now loses the tap. */
export const isPressed = (): boolean => down && performance.now() - since < LONGEST_MS

/** When no finger is down: nothing that comes by itself is drawn between the two halves of a tap. */
export function whenLifted(): Promise<void> {
  if (!isPressed()) return Promise.resolve()
  return new Promise(resolve => {
    waiting.add(resolve)
    setTimeout(() => {
      waiting.delete(resolve)
      resolve()
    }, LONGEST_MS)
  })
}
