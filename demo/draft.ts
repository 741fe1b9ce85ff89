import type { RandomStream } from '@renatus/core/math/random'
import type { Instant } from '@renatus/core/time/localDate'

/** An entry before it has an id. */
export interface Draft {
  kind: string
  subject: { type: string; id: string }
  data: unknown
  at?: Instant
}

/** Where and when the person of the demo stands. */
export interface Context {
  at: Instant
  chance: RandomStream
  id: (ms: number) => string
  harvest: number
}
