import { demoRoom, type DemoRoom } from '@demo/demoRoom'
import type { Instant } from '@renatus/core/time/localDate'

/** A demo room: what it is kept in, for when and where it is made, and of what. */
export interface DemoAsked {
  database: string
  now: Instant
  timeZone: string
  /** The weeks that were lived when the app was built, as JSON (demo/livedLoft.ts). */ lived: string
}

/** The demo's eight weeks, moved to the day that is asked for. */
export class DemoWeeks {
  private known: { of: string; room: DemoRoom } | null = null

  /** The room for a question, worked out once. */
  roomFor({ database, now, timeZone, lived }: DemoAsked): DemoRoom {
    const of = `${database} ${now} ${timeZone}`
    if (this.known?.of !== of) this.known = { of, room: demoRoom(lived, now, timeZone) }
    return this.known.room
  }

  /** Nobody will ask for it again. */
  forget(): void {
    this.known = null
  }
}
