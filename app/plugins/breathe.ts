import { defineNuxtPlugin } from '#app/nuxt'
import { breath } from '~/composables/breath'

/** Between reading the scripts, setting up and drawing the first view the page takes breath. */
export default defineNuxtPlugin({
  name: 'breathe',
  enforce: 'pre',
  async setup(nuxtApp) {
    nuxtApp.hook('app:beforeMount', breath)
    await breath()
  },
})
