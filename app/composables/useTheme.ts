import { usePreferredDark, useLocalStorage } from '@vueuse/core'
import { watchEffect } from 'vue'

export type Theme = 'auto' | 'light' | 'dark'
const theme = useLocalStorage<Theme>('renatus.theme', 'auto')
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
}
