import { isMisspeltApi } from '../utils/apiSpelling'
import { noRoute } from '../utils/noRoute'

/**
 * Without this an address that only looks like one under /api would answer with the page itself. It comes before what hands
 * out files: that takes `//api` for a host of this name, and its root for the page.
 */
export default defineNitroPlugin(nitro => {
  const handler = defineEventHandler(event => {
    if (isMisspeltApi(event.node.req.url ?? '')) return noRoute(event)
  })
  nitro.h3App.stack.unshift({ route: '/', handler })
})
