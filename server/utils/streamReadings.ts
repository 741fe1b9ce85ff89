import type { H3Event } from 'h3'

/** Streams at once, over all clients: each holds a timer and a socket. */
const MOST = 20
/** No stream ticks faster than this, ms. */
const FASTEST_MS = 25
let open = 0

/**
 * Server-sent events of one JSON line each, until the client leaves or there is nothing more.
 * @param next what the tick sends; null sends nothing, `end` closes
 */
export function streamReadings(
  event: H3Event,
  everyMs: number,
  next: (tick: number) => object | null | 'end',
) {
  if (open >= MOST)
    throw createError({ statusCode: 429, statusMessage: 'Too many streams are open' })
  open++
  const stream = createEventStream(event)
  let tick = 0
  const timer = setInterval(
    () => {
      const sent = next(tick++)
      if (sent === 'end') void stream.close()
      else if (sent) void stream.push(JSON.stringify(sent))
    },
    Math.max(FASTEST_MS, everyMs),
  )
  stream.onClosed(() => {
    clearInterval(timer)
    open--
  })
  return stream.send()
}
