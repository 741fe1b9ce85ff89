import { usePreferredDark } from '@vueuse/core'
import { ref, watch, watchEffect } from 'vue'
import { local } from '~/db/local'

export type Theme = 'auto' | 'light' | 'dark'
const KEY = 'renatus.theme'
const theme = ref<Theme>('auto')

/** Light by day, dim and warm before lights-on; the device decides unless the user did. */
export function useTheme() {
  return theme
}

/** Takes up what was chosen, and what the device says. */
export function followTheme() {
  const stored = local.get(KEY)
  if (stored === 'light' || stored === 'dark') theme.value = stored
  const prefersDark = usePreferredDark()
  watchEffect(() => {
    const ofDevice = prefersDark.value ? 'dark' : 'light'
    document.documentElement.dataset.theme = theme.value === 'auto' ? ofDevice : theme.value
  })
  watch(theme, t => local.set(KEY, t))
}
