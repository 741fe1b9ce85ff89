import { defineNuxtPlugin } from '#app/nuxt'
import { keepOffline } from '~/composables/offlineCopy'
import { whenIdle } from '~/composables/whenIdle'

/** The first view is used before everything is fetched for later: both at once take twice as long on a small device. */
const AFTER_MS = 3000

/** Keeps the app on the device, once the first view has stood for a while. */
export default defineNuxtPlugin({
  name: 'offline',
  setup(nuxtApp) {
    nuxtApp.hook('app:mounted', () => {
      setTimeout(() => whenIdle(() => void keepOffline()), AFTER_MS)
    })
  },
})
