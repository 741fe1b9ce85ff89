/** Which cultures are read, as they are at an instant. */
export interface ReadingQuestion {
  database: string
  ids: readonly string[]
  now: string
  ahead: boolean
  /** For the next visit: the instant is one of the room, not the minute that it is. */ kept: boolean
  /** A newer question of the same asker ends an older one. */ asker: string
}
