import type { CultureReading } from '../../estimation/readCulture'
import { buyingOf } from '../../foods/buying'
import { foodOf } from '../../foods/index'
import { compare } from '../../math/compare'
import { running } from '../../stock/cultures'
import type { RoomState } from '../../stock/roomState'
import { addDays, addHours, localDateOf, type LocalDate } from '../../time/localDate'
import { lastSafeDays } from './redundancy'
import { starterComing, STARTER_KEEPS_D } from './starterComing'

/** A start as far as its starter goes. */
export interface StarterUse {
  food: string
  method: string
  on: LocalDate
  failure: number
  readyDays: number
  readyLogSd: number
}

/** Where the starter of a start comes from: a vessel that runs by then, a bag that is open by then, or the post; null where it takes none. */
export type StarterFrom = 'own' | 'bag' | 'post' | null

/** From this chance on that a vessel goes wrong nobody counts on it for a starter. */
const DOUBTFUL = 0.5

/** Days from which on vessels of the room give a starter, by food; those of which nothing is known give none. */
function ownFrom(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
): Map<string, LocalDate[]> {
  const found = new Map<string, LocalDate[]>()
  for (const c of running(state.cultureStates)) {
    const estimate = readings.get(c.id)?.estimate
    if (!estimate || c.quarantine) continue
    const { readiness, readyH } = estimate
    if (readiness.failing + readiness.failed >= DOUBTFUL) continue
    const gives = readiness.ready + readiness.tiring > DOUBTFUL
    const ready = readyH && localDateOf(addHours(c.startedAt, readyH.p50), state.room.timeZone)
    const from = gives ? state.today : ready
    if (from) found.set(c.record.foodId, [...(found.get(c.record.foodId) ?? []), from])
  }
  return found
}

const takesStarter = (s: StarterUse): boolean => {
  const food = foodOf(s.food)
  const method = food?.methods.find(m => m.id === s.method) ?? food?.methods[0]
  return (method?.starterShare ?? 0) > 0
}

/**
 * Where each start has its starter from. A line is bought once: whatever was started runs by its safe day and is a starter from then on,
 * and what is in a bag does for all starts of the days that it keeps.
 * @param starts in any order
 */
export function startersFrom<S extends StarterUse>(
  starts: readonly S[],
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
): Map<S, StarterFrom> {
  const own = ownFrom(state, readings)
  const bags = new Map<string, LocalDate>()
  for (const food of new Set(starts.map(s => s.food))) {
    const coming = starterComing(state, food)
    if (coming !== null) bags.set(food, addDays(state.today, coming))
  }
  const from = new Map<S, StarterFrom>()
  for (const s of [...starts].sort((a, b) => compare(a.on, b.on))) {
    const bag = bags.get(s.food)
    const open = bag !== undefined && s.on <= addDays(bag, STARTER_KEEPS_D)
    const runs = (own.get(s.food) ?? []).some(day => day <= s.on)
    const is = takesStarter(s) ? sourceOf(runs, open) : null
    if (is === 'post') bags.set(s.food, comesFor(s, state.today))
    from.set(s, is)
    const ready = addDays(s.on, Math.ceil(lastSafeDays(s)))
    own.set(s.food, [...(own.get(s.food) ?? []), ready])
  }
  return from
}

/** The day on which a bag that is ordered for a start is here: its own day, or as soon as the post brings it. */
function comesFor(s: StarterUse, today: LocalDate): LocalDate {
  const soonest = addDays(today, buyingOf(foodOf(s.food)!).leadDays)
  return s.on < soonest ? soonest : s.on
}

function sourceOf(runs: boolean, open: boolean): StarterFrom {
  if (runs) return 'own'
  return open ? 'bag' : 'post'
}
