import type { Caution } from '../foods/contract'

/** What every stop of a round has: one tank, vessel, store or paper at a time. */
export interface StopBase {
  /** Kind, subject and round: the same question, the same key, whatever else changes. */
  key: string
  subject: { type: string; id: string; name: string }
  placeId: string | null
  cautions: readonly Caution[]
  /** Mouths, losses and deadlines must be; upkeep may wait. */
  must: boolean
  /** Hours from this round on that it may wait; 0 for what must be. */
  waitsH: number
}
