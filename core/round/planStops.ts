import { foodOf } from '../foods/index'
import type { HygieneClass } from '../foods/contract'
import { startStates, type StartState } from '../planning/plan/keptPlan'
import { lastSafeDays, readyBy } from '../planning/plan/redundancy'
import type { RoomState } from '../stock/roomState'
import { addDays, daysBetween, localDateOf } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import type { StopBase } from './stopBase'

/** Whether a start that is late still matters. */
export interface Lateness {
  /** Days past its day; 0 on it. */
  days: number
  /** How sure it still is to be ready in time, and on which day nine of ten would be. */
  likely: number
  readyBy: string
  code: 'on time' | 'late, still good' | 'late, doubtful' | 'too late'
}

/** A culture that the plan starts at this round. */
export interface BeginStop extends StopBase {
  type: 'begin'
  start: StartState
  hygiene: HygieneClass
  late: Lateness
  minutes: number
  /** Foods that may stand in, where it comes too late. */ instead: string[]
}
/** A starter that must be ordered. */
export interface OrderStop extends StopBase {
  type: 'order'
  start: StartState
}

const PER_STEP = 3
/** A second vessel of the same takes half the time. */
const NEXT_VESSEL = 0.5

/** Starting vessels of one food, by the steps of its card (working estimate of a practised person). */
export const beginMinutes = (steps: number, vessels: number): number =>
  Math.round(PER_STEP * (steps + 1) * (1 + NEXT_VESSEL * (vessels - 1)))

const GOOD_FROM = 0.8
const DOUBTFUL_FROM = 0.3

/** Does a start that was missed still matter? It does while it can be ready in time, and as a backup after that it does not. */
export function lateness(
  s: Pick<StartState, 'on' | 'neededOn' | 'failure' | 'readyDays' | 'readyLogSd'>,
  today: string,
): Lateness {
  const days = Math.max(0, daysBetween(s.on, today))
  const rel = { failure: s.failure, readyDays: s.readyDays, readyLogSd: s.readyLogSd }
  const likely = readyBy(rel, daysBetween(today, s.neededOn))
  return {
    days,
    likely,
    readyBy: addDays(today, Math.ceil(lastSafeDays(rel))),
    code:
      days === 0
        ? 'on time'
        : likely >= GOOD_FROM * (1 - s.failure)
          ? 'late, still good'
          : likely >= DOUBTFUL_FROM
            ? 'late, doubtful'
            : 'too late',
  }
}

/** What the kept plan asks for at a round: starters to order, cultures to start, and what is late with what to make of it. */
export function planStops(state: RoomState, current: RoundOccurrence): (BeginStop | OrderStop)[] {
  if (current.feedingOnly) return []
  const states = startStates(state.entries, state.cultureStates)
  const today = localDateOf(current.at, state.room.timeZone)
  return states
    .filter(s => s.left > 0)
    .flatMap((start): (BeginStop | OrderStop)[] => {
      const food = foodOf(start.food)
      if (!food) return []
      const ordered = state.entries.some(e => e.answers === `order:${start.id}`)
      if (start.orderBy !== null && !ordered && start.orderBy <= today)
        return [{ type: 'order', key: `order:${start.id}`, placeId: null, cautions: [], start }]
      if (start.on > today) return []
      const method = food.methods.find(m => m.id === start.method) ?? food.methods[0]!
      const late = lateness(start, today)
      const brood = state.broods.find(b => b.id === start.forBrood)
      return [
        {
          type: 'begin',
          key: `begin:${start.id}:${start.started}`,
          placeId: start.placeId,
          start,
          hygiene: method.hygiene,
          late,
          minutes: beginMinutes(method.start.length, start.left),
          cautions: method.start.flatMap(s => s.cautions ?? []),
          instead:
            late.code === 'too late' && brood
              ? state.room.foods.filter(
                  f => f !== start.food && !brood.brood.wishes.forbidden.includes(f),
                )
              : [],
        },
      ]
    })
}
