import type { RouterConfig } from 'nuxt/schema'
import { breath } from '~/composables/breath'

let begun = false

/** Before the first way is gone the page takes breath. */
async function first(): Promise<void> {
  if (begun) return
  begun = true
  await breath()
}

/** Learning the ways through the app and going the first of them are tasks of their own. */
export default {
  routes: async all => {
    await breath()
    return all.map(route => ({ ...route, beforeEnter: first }))
  },
} satisfies RouterConfig
