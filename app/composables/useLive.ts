import { useFailures } from './useFailures'
import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue'

/**
 * A query that follows its tables, changes from other tabs included. Undefined until it has answered once.
 * @param source what it asks, once there is one: another one, and what was known is gone
 * @param again where it changes it is asked anew, and what was known stands meanwhile
 */
export function useLive<S, T>(
  query: (source: S) => Promise<T>,
  source: Ref<S | null>,
  again?: Ref<unknown>,
): ShallowRef<T | undefined> {
  const value = shallowRef<T>()
  let stop = () => {}
  watch(
    [source, again ?? source],
    ([asked], [before]) => {
      stop()
      if (asked !== before) value.value = undefined
      if (asked === null) return
      let over = false
      stop = () => (over = true)
      const follow = ({ liveQuery }: typeof import('dexie')) => {
        if (over) return
        const subscription = liveQuery(() => query(asked)).subscribe({
          next: v => {
            value.value = v
          },
          error: (e: unknown) => {
            useFailures().report(e)
          },
        })
        stop = () => subscription.unsubscribe()
      }
      // The first view of an empty room does without it.
      import('dexie').then(follow).catch((e: unknown) => useFailures().report(e))
    },
    { immediate: true },
  )
  onScopeDispose(() => stop())
  return value
}
