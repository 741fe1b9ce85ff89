import type { Server } from 'node:http'

/** Whoever sends slower than this is cut off, ms: a socket held open costs memory. */
const HEADERS_MS = 10_000
const REQUEST_MS = 60_000
/** Sockets at once; a fishroom has a handful of devices with a few each. */
const MOST_SOCKETS = 400

/** Sets the limits of the server that listens, once the first request shows it. */
export default defineNitroPlugin(nitro => {
  let done = false
  nitro.hooks.hook('request', event => {
    if (done) return
    done = true
    const { server } = event.node.req.socket as unknown as { server?: Server }
    if (!server) return
    server.headersTimeout = HEADERS_MS
    server.requestTimeout = REQUEST_MS
    server.maxConnections = MOST_SOCKETS
  })
})
