import { describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { useSteady } from '~/composables/useSteady'

function steady(first?: string) {
  const scope = effectScope()
  const source = ref<string | undefined>(first)
  const acts = ref(0)
  const s = scope.run(() => useSteady(source, acts))!
  const comes = async (next?: string) => {
    source.value = next
    await nextTick()
  }
  return { ...s, source, acts, comes, end: () => scope.stop() }
}
/** A tap, lifted again. */
const touch = () => {
  document.dispatchEvent(new Event('pointerdown'))
  document.dispatchEvent(new Event('pointerup'))
}

describe('what is shown does not move by itself under a hand', () => {
  it('until the page is touched the newest is shown, and what was missing always', async () => {
    const s = steady()
    await s.comes('kept from this morning')
    await s.comes('read anew')
    expect([s.shown.value, s.newer.value, s.settling.value]).toEqual(['read anew', false, false])
    touch()
    await s.comes(undefined)
    await s.comes('there again')
    expect(s.shown.value).toBe('there again')
    s.end()
  })

  it('a page in use keeps what it shows and offers what is newer', async () => {
    vi.useFakeTimers()
    const s = steady('first')
    touch()
    await s.comes('second')
    expect([s.shown.value, s.newer.value]).toEqual(['first', true])
    s.show()
    expect([s.shown.value, s.newer.value, s.settling.value]).toEqual(['second', false, true])
    // What has just moved takes no press for half a second.
    vi.advanceTimersByTime(499)
    expect(s.settling.value).toBe(true)
    vi.advanceTimersByTime(1)
    expect(s.settling.value).toBe(false)
    s.end()
    vi.useRealTimers()
  })

  it('what follows from an act of the person is shown, once for each act', async () => {
    const s = steady('first')
    touch()
    s.acts.value++
    await nextTick()
    await s.comes('after the act')
    expect(s.shown.value).toBe('after the act')
    await s.comes('a quarter of an hour later')
    expect(s.shown.value).toBe('after the act')
    s.end()
  })

  it('what follows from an act waits while a finger holds a button, and comes when it is lifted', async () => {
    const s = steady('first')
    touch()
    s.acts.value++
    await nextTick()
    document.dispatchEvent(new Event('pointerdown'))
    await s.comes('after the act')
    expect([s.shown.value, s.settling.value]).toEqual(['first', false])
    document.dispatchEvent(new Event('pointerup'))
    await vi.waitFor(() => expect(s.shown.value).toBe('after the act'))
    s.end()
  })

  it('a view that has gone listens no more', () => {
    const removed = vi.spyOn(document, 'removeEventListener')
    steady('first').end()
    expect(removed.mock.calls.map(c => c[0])).toEqual(['pointerdown', 'keydown', 'wheel'])
    removed.mockRestore()
  })
})
