import type { Entry } from '@renatus/core/records/entries'
import type { RenatusDatabase } from './database'

/** Written by what changes the log otherwise than by adding to it. */
export const GENERATION_KEY = 'generation'

/** The log as it is in the database: read whole once, then only what came. */
export class LogTail {
  private log: Entry[] = []
  private last = ''
  private generation: unknown = null

  constructor(private readonly db: RenatusDatabase) {}

  /** The same array while nothing came. In order of the ids. */
  async read(): Promise<readonly Entry[]> {
    const { db } = this
    return db.transaction('r', [db.entries, db.meta], async () => {
      const generation = (await db.meta.get(GENERATION_KEY))?.value ?? null
      const count = await db.entries.count()
      const fresh =
        generation === this.generation && this.last !== ''
          ? await db.entries.where('id').above(this.last).toArray()
          : null
      // What another device wrote earlier comes between: then all of it is read again.
      if (fresh && fresh.length + this.log.length === count) {
        if (fresh.length > 0) this.log = this.log.concat(fresh)
      } else this.log = await db.entries.toArray()
      this.generation = generation
      this.last = this.log.at(-1)?.id ?? ''
      return this.log
    })
  }
}
