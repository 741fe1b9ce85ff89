import { randomBytes } from 'node:crypto'

/** So long a parcel waits, ms. */
export const BOX_KEEPS_MS = 600_000
/** One parcel, bytes: a room of ten years, packed and locked, is a few MB. */
export const PARCEL_MAX_BYTES = 24 * 1024 * 1024
/** All that wait, bytes and parcels: memory is all there is. */
const ALL_MAX_BYTES = 96 * 1024 * 1024
const MOST_PARCELS = 40

interface Parcel {
  from: string
  bytes: Buffer
  until: number
}

/**
 * Parcels on their way from one device to another: kept in memory for ten minutes, handed out once, locked with a key that
 * never comes here.
 */
export class PostBox {
  private readonly parcels = new Map<string, Parcel>()

  constructor(private readonly clock: () => number = Date.now) {}

  private clear(): void {
    const now = this.clock()
    for (const [id, p] of this.parcels) if (p.until <= now) this.parcels.delete(id)
  }

  /** @returns the id to take it with; null where there is no room. A client has one parcel: the new one takes its place. */
  leave(from: string, bytes: Buffer): string | null {
    this.clear()
    for (const [id, p] of this.parcels) if (p.from === from) this.parcels.delete(id)
    const held = [...this.parcels.values()].reduce((sum, p) => sum + p.bytes.length, 0)
    const full = this.parcels.size >= MOST_PARCELS || held + bytes.length > ALL_MAX_BYTES
    if (full || bytes.length > PARCEL_MAX_BYTES) return null
    const id = randomBytes(12).toString('hex')
    this.parcels.set(id, { from, bytes, until: this.clock() + BOX_KEEPS_MS })
    return id
  }

  /** Hands it out, once. */
  take(id: string): Buffer | null {
    this.clear()
    const parcel = this.parcels.get(id)
    this.parcels.delete(id)
    return parcel?.bytes ?? null
  }
}

/** The one of this server. */
export const postBox = new PostBox()
