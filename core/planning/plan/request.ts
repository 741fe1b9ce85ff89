import type { CultureReading } from '../../estimation/readCulture'
import type { RoomState } from '../../stock/roomState'
import type { LocalDate } from '../../time/localDate'

/** A start as people keep it: what, how, on which day, how many. */
export interface StartLine {
  food: string
  method: string
  on: LocalDate
  vessels: number
}

export interface PlanRequest {
  state: RoomState
  readings: ReadonlyMap<string, CultureReading>
  from: LocalDate
  days: number
  /** Wanted certainty that enough vessels of a food are ready. */
  certainty: number
  /** Starts of the plan that is kept: moving away from them costs. */
  begun: readonly StartLine[]
  /** A plan is kept, though all of its starts may be made. */
  isKept: boolean
  /** Starts that somebody set by hand. */
  pins: readonly StartLine[]
  /** Judge what is pinned, start nothing else. */
  onlyPinned: boolean
  /** Days on which nobody is there. */
  idle: readonly LocalDate[]
  /** The whole room warmer or cooler than it shows, K. */
  warmerC: number
  seed: number
}

export const HORIZON = { least: 28, most: 120 } as const
export const CERTAINTY = { least: 0.5, usual: 0.95, most: 0.99 } as const

/** A request with everything that is usual. */
export const planRequest = (
  r: Pick<PlanRequest, 'state' | 'readings'> & Partial<PlanRequest>,
): PlanRequest => ({
  from: r.state.today,
  days: 60,
  certainty: CERTAINTY.usual,
  begun: [],
  isKept: false,
  pins: [],
  onlyPinned: false,
  idle: [],
  warmerC: 0,
  seed: 1,
  ...r,
})
