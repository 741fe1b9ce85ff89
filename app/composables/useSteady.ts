import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { isPressed, whenLifted } from './whenLifted'

/** So long what has moved takes no press: who aimed at what stood there does not hit what stands there now, ms. */
const SETTLES_MS = 500
const USES = ['pointerdown', 'keydown', 'wheel'] as const

/**
 * What is shown of something that changes by itself. Until the page is touched, and after each act of the person, the
 * newest is shown; from then on what is shown stays, and a newer one waits to be asked for.
 * @param source the newest, undefined while there is none @param acts changes with every act of the person
 */
export function useSteady<T>(source: Ref<T | undefined>, acts: Ref<unknown>) {
  const shown = shallowRef(source.value)
  const settling = ref(false)
  let isInUse = false
  let hasActed = false
  let timer: ReturnType<typeof setTimeout> | undefined

  const use = () => {
    isInUse = true
  }
  for (const u of USES) document.addEventListener(u, use, { capture: true, passive: true })
  onScopeDispose(() => {
    for (const u of USES) document.removeEventListener(u, use, { capture: true })
    clearTimeout(timer)
  })

  function settle() {
    settling.value = true
    clearTimeout(timer)
    timer = setTimeout(() => {
      settling.value = false
    }, SETTLES_MS)
  }
  function show() {
    if (isInUse) settle()
    hasActed = false
    shown.value = source.value
  }
  watch(acts, () => {
    hasActed = true
  })
  const isWanted = () =>
    source.value === undefined || shown.value === undefined || hasActed || !isInUse
  watch(source, () => {
    if (!isWanted()) return
    // A finger that is down, or holds, is not taken its button.
    if (isPressed()) void whenLifted().then(() => isWanted() && show())
    else show()
  })
  /** Whether a newer one waits. */
  const newer = computed(() => source.value !== shown.value)
  return { shown, newer, settling, show }
}
