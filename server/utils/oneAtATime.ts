import type { H3Event } from 'h3'

/** Work that strains this machine: one at a time for each client, and only so many for all. */
export class OneAtATime {
  private readonly clients = new Set<string>()

  constructor(private readonly most: number) {}

  /** Does the work, or refuses with 429 while this client has some under way or too many have. */
  async run<T>(event: H3Event, work: () => Promise<T>): Promise<T> {
    const client = getRequestIP(event) ?? 'unknown'
    if (this.clients.has(client) || this.clients.size >= this.most) {
      setHeader(event, 'retry-after', 5)
      throw createError({
        statusCode: 429,
        statusMessage: 'Busy',
        data: { message: 'One at a time: wait until the one before is done.' },
      })
    }
    this.clients.add(client)
    try {
      return await work()
    } finally {
      this.clients.delete(client)
    }
  }
}
