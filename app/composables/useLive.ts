import { useFailures } from './useFailures'
import { liveQuery } from 'dexie'
import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue'

/**
 * A query that follows its tables, changes from other tabs included. Undefined until it has answered once.
 * @param source what it asks: another one, and what was known is gone
 * @param again where it changes it is asked anew, and what was known stands meanwhile
 */
export function useLive<T>(
  query: () => Promise<T>,
  source: Ref<unknown>,
  again?: Ref<unknown>,
): ShallowRef<T | undefined> {
  const value = shallowRef<T>()
  let stop = () => {}
  watch(
    [source, again ?? source],
    ([asked], [before]) => {
      stop()
      if (asked !== before) value.value = undefined
      const subscription = liveQuery(query).subscribe({
        next: v => {
          value.value = v
        },
        error: (e: unknown) => {
          useFailures().report(e)
        },
      })
      stop = () => subscription.unsubscribe()
    },
    { immediate: true },
  )
  onScopeDispose(() => stop())
  return value
}
