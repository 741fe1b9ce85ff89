import { defineNuxtPlugin } from '#app/nuxt'

/** Between reading the scripts and drawing the first view the page takes a breath: two short tasks instead of a long one. */
export default defineNuxtPlugin({
  name: 'breathe',
  enforce: 'pre',
  setup: () => new Promise<void>(resolve => setTimeout(resolve)),
})
