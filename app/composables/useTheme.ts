import { usePreferredDark } from '@vueuse/core'
import { ref, watch, watchEffect } from 'vue'
import { local } from '~/db/local'

export type Theme = 'auto' | 'light' | 'dark'
const KEY = 'renatus.theme'
const stored = local.get(KEY)
const theme = ref<Theme>(stored === 'light' || stored === 'dark' ? stored : 'auto')
const prefersDark = usePreferredDark()

/** Light by day, dim and warm before lights-on; the device decides unless the user did. */
export function useTheme() {
  return theme
}

export function followTheme() {
  watchEffect(() => {
    const ofDevice = prefersDark.value ? 'dark' : 'light'
    document.documentElement.dataset.theme = theme.value === 'auto' ? ofDevice : theme.value
  })
  watch(theme, t => local.set(KEY, t))
}
