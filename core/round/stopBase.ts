import type { Caution } from '../foods/contract'

/** What every stop of a round has. */
export interface StopBase {
  /** Names the proposal, so that it is answered once. */
  key: string
  placeId: string | null
  cautions: readonly Caution[]
}
