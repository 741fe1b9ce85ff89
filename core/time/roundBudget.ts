import type { RoundTime } from './rounds'

/** Minutes that there are for a round where the room says nothing. */
const USUAL_MIN = 30
const FEEDING_ONLY_MIN = 10

/** Minutes that a round of the room may take. */
export const budgetOf = (round: Pick<RoundTime, 'feedingOnly' | 'minutes'> | undefined): number =>
  round?.minutes ?? (round?.feedingOnly ? FEEDING_ONLY_MIN : USUAL_MIN)
