import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useStopOrder } from '~/composables/useStopOrder'

describe('the place of a stop that was just done', () => {
  it('is before the stop that followed it, also when several are gone and new ones came', async () => {
    const keys = ref<string[]>(['a', 'b', 'c'])
    const order = useStopOrder(keys)
    keys.value = ['a', 'c']
    await nextTick()
    expect(order.after('b')).toBe('c')
    keys.value = ['a', 'd']
    await nextTick()
    expect([order.after('b'), order.after('c')]).toEqual(['d', 'd'])
    keys.value = ['a']
    await nextTick()
    expect(order.after('c')).toBeNull()
    expect(order.knows('z')).toBe(false)
  })
})
