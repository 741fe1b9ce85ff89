import { ref, watch, type Ref } from 'vue'

/**
 * Remembers where stops stood, so that Undo can stand in the place of the one that was just done.
 * @returns `after(key)`: the key of the stop that now follows the place of a gone one, or null at the end
 */
export function useStopOrder(keys: Ref<readonly string[]>) {
  const order = ref<string[]>([])
  watch(
    keys,
    now => {
      const merged = order.value.filter(k => !now.includes(k))
      // Gone ones keep their neighbour: each is put back behind the stop it stood behind.
      const result = [...now]
      for (const gone of merged) {
        const before = order.value
          .slice(0, order.value.indexOf(gone))
          .reverse()
          .find(k => result.includes(k))
        result.splice(before === undefined ? 0 : result.indexOf(before) + 1, 0, gone)
      }
      order.value = result
    },
    { immediate: true },
  )
  return {
    knows: (key: string) => order.value.includes(key),
    after: (key: string) =>
      order.value.slice(order.value.indexOf(key) + 1).find(k => keys.value.includes(k)) ?? null,
  }
}
