import { mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import TendAction from '~/components/cultures/TendAction.vue'

const feed = {
  title: 'Feed',
  verb: 'Feed',
  amount: '0.08 g',
  rest: 'yeast.',
  unit: 'g',
  proposed: 0.08,
  most: 10,
}
const button = (w: ReturnType<typeof mount>, text: string) =>
  w.findAll('button').find(b => b.text().includes(text))!

describe('one thing to do at a vessel', () => {
  afterEach(() => {
    vi.useRealTimers()
  })
  it('is done as proposed in one tap', async () => {
    const w = mount(TendAction, { props: feed })
    expect(w.text()).toContain('Feed 0.08 g yeast.')
    await button(w, 'Feed: done').trigger('click')
    expect(w.emitted('done')).toEqual([[null, []]])
  })
  it('differs by a number that is read, and nonsense is refused in words without being sent', async () => {
    const w = mount(TendAction, { props: feed })
    await button(w, 'Differs').trigger('click')
    expect((w.find('input').element as HTMLInputElement).value).toBe('0.08')
    for (const bad of ['photo.jpg', '-1', '0', '11', '']) {
      await w.find('input').setValue(bad)
      await button(w, 'Feed: done').trigger('click')
      expect(w.find('[role=alert]').text()).toContain(
        bad === '' ? 'Feed is empty' : `Feed cannot be “${bad}”`,
      )
    }
    expect(w.emitted('done')).toBeUndefined()
    await w.find('input').setValue('0,12')
    await button(w, 'Feed: done').trigger('click')
    expect(w.emitted('done')).toEqual([[0.12, []]])
  })
  it('what is refused is not tapped but held, and carries what it was done in spite of', async () => {
    vi.useFakeTimers()
    const w = mount(TendAction, {
      props: { ...feed, refusals: [{ id: 'still-fed', why: 'It is cloudy still.' }] },
    })
    expect(w.text()).toContain('Better not. It is cloudy still.')
    expect(w.findAll('button').some(b => b.text() === 'Feed: done')).toBe(false)
    const hold = button(w, 'Feed all the same')
    await hold.trigger('pointerdown')
    vi.advanceTimersByTime(600)
    await hold.trigger('pointerup')
    vi.advanceTimersByTime(2000)
    expect(w.emitted('done')).toBeUndefined()
    await hold.trigger('pointerdown')
    vi.advanceTimersByTime(1300)
    expect(w.emitted('done')).toEqual([[null, ['still-fed']]])
  })
})
