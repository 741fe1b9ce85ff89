import { useRouter } from '#app/composables/router'
import { defineNuxtPlugin } from '#app/nuxt'
import { breath } from '~/composables/breath'

/** Between reading the scripts, setting up and drawing the first view the page takes breath. */
export default defineNuxtPlugin({
  name: 'breathe',
  order: -100,
  async setup(nuxtApp) {
    nuxtApp.hook('app:beforeMount', breath)
    // The view that is left is taken down, and the next one drawn, in a task that has nothing else to do.
    nuxtApp.hook('app:created', () => void useRouter().beforeResolve(breath))
    await breath()
  },
})
