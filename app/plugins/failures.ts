import { defineNuxtPlugin } from '#app/nuxt'
import { ToldFailure, useFailures } from '~/composables/useFailures'
import { WorkerStopped } from '~/engine/workerClient'

/** Whatever is thrown and caught by nobody is seen: in the notices, and in the console for whoever mends it. */
export default defineNuxtPlugin({
  name: 'failures',
  setup(nuxtApp) {
    const { report } = useFailures()
    const told = (error: unknown) => {
      if (error instanceof ToldFailure || error instanceof WorkerStopped) return
      console.error(error)
      report(error)
    }
    nuxtApp.vueApp.config.errorHandler = told
    nuxtApp.hook('vue:error', told)
    nuxtApp.hook('app:chunkError', ({ error }) => {
      report(error)
    })
    addEventListener('unhandledrejection', e => {
      told(e.reason)
      e.preventDefault()
    })
  },
})
