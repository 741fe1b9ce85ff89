import { isMisspeltApi } from '../utils/apiSpelling'

/** Without this an address that only looks like one under /api would answer with the page itself. */
export default defineEventHandler(event => {
  if (isMisspeltApi(event.node.req.url ?? ''))
    throw createError({ statusCode: 404, statusMessage: 'No such route' })
})
