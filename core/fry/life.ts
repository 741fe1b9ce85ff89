import { addDays, daysBetween, type LocalDate } from '../time/localDate'
import type { Species } from './species/species'

export type LifeEvent = 'spawned' | 'hatched' | 'free'
/** An event as it is known: seen on a day, or expected within some days of it. */
export interface Anchor {
  event: LifeEvent
  on: LocalDate
  kind: 'seen' | 'expected'
  spreadDays: number
}
/** A date with its 80 % half-width in days; `seen` when somebody was there. */
export interface LifeDate {
  on: LocalDate
  seen: boolean
  spreadDays: number
}
export interface LifeDates {
  spawned: LifeDate | null
  hatched: LifeDate | null
  free: LifeDate
}

const ORDER: readonly LifeEvent[] = ['spawned', 'hatched', 'free']
/** Correction of incubation and yolk stage with temperature (models of egg development, working estimate 2.5 to 3). */
export const DEVELOPMENT_Q10 = 2.5
/** No egg is waited for longer, d. */
const LONGEST_DAYS = 400

/** Which of several statements the dates hang on: the furthest stage that was seen, else the furthest that is expected. */
export function strongest(anchors: readonly Anchor[]): Anchor {
  const rank = (a: Anchor) => (a.kind === 'seen' ? 10 : 0) + ORDER.indexOf(a.event)
  return anchors.reduce((best, a) => (rank(a) >= rank(best) ? a : best))
}

/** Share of a stage that passes in a day at a temperature. */
const perDay = (days: number, temperatureC: number, referenceC: number) =>
  days <= 0 ? Infinity : DEVELOPMENT_Q10 ** ((temperatureC - referenceC) / 10) / days

/** The day on which a stage of so many days at the reference temperature ends, fractional days rounded. */
function endOf(
  from: LocalDate,
  days: number,
  referenceC: number,
  temperature: (date: LocalDate) => number,
): { on: LocalDate; took: number } {
  let done = 0
  for (let d = 0; d < LONGEST_DAYS; d++) {
    const step = perDay(days, temperature(addDays(from, d)), referenceC)
    if (done + step >= 1) {
      const took = d + (step === Infinity ? 0 : (1 - done) / step)
      return { on: addDays(from, Math.round(took)), took }
    }
    done += step
  }
  return { on: addDays(from, LONGEST_DAYS), took: LONGEST_DAYS }
}

/**
 * Hatch and free-swimming day projected from the strongest statement, through the temperature of every day.
 * @param notBefore days before which an event has been waited for in vain
 * Spreads add as independent: the guess of the anchor, and half of the span the species shows, scaled like the stage itself.
 */
export function lifeDates(
  species: Pick<Species, 'hatchDays' | 'swimDays' | 'referenceC'>,
  anchors: readonly Anchor[],
  temperature: (date: LocalDate) => number,
  notBefore: Partial<Record<LifeEvent, LocalDate>> = {},
): LifeDates {
  const anchor = strongest(anchors)
  const later = (event: LifeEvent, on: LocalDate) => {
    const least = notBefore[event]
    return least !== undefined && least > on ? least : on
  }
  const known: LifeDate = {
    on: anchor.kind === 'seen' ? anchor.on : later(anchor.event, anchor.on),
    seen: anchor.kind === 'seen',
    spreadDays: anchor.kind === 'seen' ? 0 : anchor.spreadDays,
  }
  const earlier = (event: LifeEvent): LifeDate | null => {
    const found = anchors.filter(a => a.event === event)
    return found.length > 0
      ? {
          on: strongest(found).on,
          seen: strongest(found).kind === 'seen',
          spreadDays: strongest(found).spreadDays,
        }
      : null
  }
  const next = (
    from: LifeDate,
    [usual, lo, hi]: Species['hatchDays'],
    event: LifeEvent,
  ): LifeDate => {
    const { on: due, took } = endOf(from.on, usual, species.referenceC, temperature)
    const scale = usual > 0 ? took / usual : 1
    const on = later(event, due)
    return { on, seen: false, spreadDays: Math.hypot(from.spreadDays, ((hi - lo) / 2) * scale) }
  }
  if (anchor.event === 'free')
    return { spawned: earlier('spawned'), hatched: earlier('hatched'), free: known }
  if (anchor.event === 'hatched')
    return {
      spawned: earlier('spawned'),
      hatched: known,
      free: next(known, species.swimDays, 'free'),
    }
  const hatched = next(known, species.hatchDays, 'hatched')
  return { spawned: known, hatched, free: next(hatched, species.swimDays, 'free') }
}

export type LifeStage = 'hoped' | 'eggs' | 'yolk' | 'feeding'

/** Where a brood stands on a date. */
export function lifeStage(dates: LifeDates, date: LocalDate): LifeStage {
  if (daysBetween(dates.free.on, date) >= 0) return 'feeding'
  if (dates.hatched && daysBetween(dates.hatched.on, date) >= 0) return 'yolk'
  if (dates.spawned && daysBetween(dates.spawned.on, date) < 0) return 'hoped'
  return dates.spawned || dates.hatched ? 'eggs' : 'yolk'
}
