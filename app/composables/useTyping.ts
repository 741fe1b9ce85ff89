import { onScopeDispose, ref } from 'vue'

/** True while somebody types or a form holds unsaved text: nothing may reload the page then. */
export function useTyping() {
  const typing = ref(false)
  const look = () => {
    const at = document.activeElement
    typing.value =
      at instanceof HTMLInputElement ||
      at instanceof HTMLTextAreaElement ||
      document.querySelector('form[data-dirty="true"]') !== null
  }
  for (const event of ['focusin', 'focusout', 'input']) document.addEventListener(event, look)
  onScopeDispose(() => {
    for (const event of ['focusin', 'focusout', 'input']) document.removeEventListener(event, look)
  })
  return typing
}
