import { describe, expect, it, vi } from 'vitest'
import { isPressed, whenLifted } from '~/composables/whenLifted'

const pointer = (what: 'down' | 'up' | 'cancel') =>
  document.dispatchEvent(new Event(`pointer${what}`))
const settled = async (p: Promise<void>) => {
  let is = false
  void p.then(() => (is = true))
  await new Promise(resolve => setTimeout(resolve, 5))
  return is
}

describe('nothing is drawn under a finger', () => {
  it('what comes by itself waits until the finger is lifted, and the click of it is through', async () => {
    expect(await settled(whenLifted())).toBe(true)
    pointer('down')
    const first = whenLifted()
    expect(isPressed()).toBe(true)
    expect(await settled(first)).toBe(false)
    pointer('up')
    expect(isPressed()).toBe(false)
    expect(await settled(first)).toBe(true)
  })

  it('a finger that goes on to scroll is none, and one that was never seen to lift is forgotten', async () => {
    pointer('down')
    pointer('cancel')
    expect(isPressed()).toBe(false)
    const now = vi.spyOn(performance, 'now')
    now.mockReturnValue(1000)
    pointer('down')
    now.mockReturnValue(3999)
    expect(isPressed()).toBe(true)
    now.mockReturnValue(4001)
    expect(isPressed()).toBe(false)
    expect(await settled(whenLifted())).toBe(true)
    now.mockRestore()
    pointer('up')
  })
})
