/** Which cultures are read, as they are at an instant. */
export interface ReadingQuestion {
  database: string
  ids: readonly string[]
  now: string
  ahead: boolean
  /** A newer question of the same asker ends an older one. */ asker: string
}
