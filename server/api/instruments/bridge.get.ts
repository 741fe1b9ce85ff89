/**
 * A real instrument stands in the same place as the simulated ones: what RENATUS_BRIDGE names is passed on
 * (docs/instruments.md). Nothing else can be reached through here.
 */
export default defineEventHandler(event => {
  const bridge = process.env.RENATUS_BRIDGE
  if (!bridge)
    throw createError({
      statusCode: 404,
      statusMessage: 'No bridge',
      data: { message: 'No instrument is tied to this server: see docs/instruments.md.' },
    })
  return sendProxy(event, bridge, { headers: { accept: 'text/event-stream' } })
})
