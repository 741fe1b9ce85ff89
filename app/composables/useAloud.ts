import { computed, ref, watch, type Ref } from 'vue'
import { useSpeechSynthesis } from '@vueuse/core'
import { spokenText } from '@renatus/core/round/spokenText'
import { local } from '~/db/local'

const KEY = 'renatus.aloud'

/** Reads what stands on the screen with the browser's own voice; off at first. */
export function useAloud(text: Ref<string>) {
  const on = ref(local.get(KEY) === 'on')
  const said = computed(() => spokenText(text.value))
  const voice = useSpeechSynthesis(said, { lang: 'en' })
  const speak = () => {
    voice.stop()
    if (on.value && said.value) voice.speak()
  }
  watch(said, speak, { immediate: true })
  watch(on, is => {
    local.set(KEY, is ? 'on' : 'off')
    speak()
  })
  return { on, able: voice.isSupported, again: speak, silent: () => voice.stop() }
}
