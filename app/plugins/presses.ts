import { defineNuxtPlugin } from '#app/nuxt'
import { keepPresses } from '~/composables/keepPresses'

/** Nothing that moves under a thumb takes its press away. */
export default defineNuxtPlugin({ name: 'presses', setup: keepPresses })
