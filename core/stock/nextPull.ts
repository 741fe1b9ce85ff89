import type { HarvestWindow } from '../dynamics/hatch/hatch'
import { addHours, type Instant } from '../time/localDate'
import type { HatchCulture } from './hatchCultures'
import type { MovedPull } from './movedPulls'

/**
 * When a hatch is pulled next: as its round is due, where one was planned, and else when its window opens. The round may lie
 * before the window: it is the last one that comes in time.
 * @param moved all its pulls, as they are due (movedPulls)
 */
export const nextPull = (
  { startedAt, pulls }: Pick<HatchCulture, 'startedAt' | 'pulls'>,
  moved: readonly MovedPull[],
  window: Pick<HarvestWindow, 'fromH'>,
): Instant => moved[pulls.length]?.at ?? addHours(startedAt, window.fromH)
