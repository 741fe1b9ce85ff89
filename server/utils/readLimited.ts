import type { H3Event } from 'h3'

/** The body of a request; refused as soon as more than so many bytes have come, whatever its header says. */
export async function readLimited(event: H3Event, most: number): Promise<Buffer> {
  const { req } = event.node
  const tooLarge = () =>
    createError({ statusCode: 413, statusMessage: 'Too large', data: { most } })
  if (Number(req.headers['content-length'] ?? 0) > most) throw tooLarge()
  const parts: Buffer[] = []
  let size = 0
  for await (const part of req as AsyncIterable<Buffer>) {
    size += part.length
    if (size > most) {
      req.destroy()
      throw tooLarge()
    }
    parts.push(part)
  }
  return Buffer.concat(parts)
}
