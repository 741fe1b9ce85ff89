import { useFailures } from './useFailures'
import { liveQuery } from 'dexie'
import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue'

/** A query that follows its tables, changes from other tabs included. Undefined until it has answered once. */
export function useLive<T>(
  query: () => Promise<T>,
  source: Ref<unknown>,
): ShallowRef<T | undefined> {
  const value = shallowRef<T>()
  let stop = () => {}
  watch(
    source,
    () => {
      stop()
      value.value = undefined
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
