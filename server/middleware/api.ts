import { isMisspeltApi } from '../utils/apiSpelling'
import { noRoute } from '../utils/noRoute'

/** Without this an address that only looks like one under /api would answer with the page itself. */
export default defineEventHandler(event => {
  if (isMisspeltApi(event.node.req.url ?? '')) return noRoute(event)
})
