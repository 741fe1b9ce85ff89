import type { H3Event } from 'h3'

/** Says that there is no such route, as data whatever the client asked for: nobody takes it for a page. */
export function noRoute(event: H3Event) {
  setResponseStatus(event, 404, 'No such route')
  return { statusCode: 404, statusMessage: 'No such route' }
}
