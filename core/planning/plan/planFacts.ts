import type { CultureReading } from '../../estimation/readCulture'
import { running } from '../../stock/cultures'
import { airNow } from '../../stock/placeTemperature'
import type { RoomState } from '../../stock/roomState'
import { daysBetween, type LocalDate } from '../../time/localDate'

/** What a plan hangs on, small enough to be kept with it. */
export interface PlanFacts {
  broods: { id: string; name: string; freeOn: LocalDate; fry: number; foods: string }[]
  cultures: {
    id: string
    name: string
    food: string
    state: 'well' | 'doubtful' | 'lost' | 'apart'
  }[]
  rounds: string
  foods: string
  /** Places, tanks and hatch vessels, to the degree. */
  warmth: string
}

/** Fry die a little every day: only a real change is one. */
const SAME_FRY = 0.12
const DOUBTFUL_FROM = 0.35
const LOST_FROM = 0.8

/** Facts of a room today. */
export const planFacts = (
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
): PlanFacts => ({
  broods: state.broods.map(b => ({
    id: b.id,
    name: b.name,
    freeOn: b.freeOn,
    fry: Math.round(b.numbers.onDay(Math.max(0, b.day))),
    foods: [b.brood.wishes.forbidden.join(','), b.brood.wishes.school].join(' '),
  })),
  cultures: running(state.cultureStates).map(c => {
    const p = readings.get(c.id)?.estimate.pFailed ?? 0
    return {
      id: c.id,
      name: c.record.name,
      food: c.record.foodId,
      state: c.quarantine
        ? ('apart' as const)
        : p > LOST_FROM
          ? ('lost' as const)
          : p > DOUBTFUL_FROM
            ? ('doubtful' as const)
            : ('well' as const),
    }
  }),
  rounds: state.room.rounds.map(r => r.at).join(' '),
  foods: [...state.room.foods].sort().join(' '),
  warmth: [
    ...state.places.map(p => {
      const { topC, bottomC } = airNow(p, state.entries)
      return `${p.id}:${topC === null ? '' : Math.round(topC)}/${bottomC === null ? '' : Math.round(bottomC)}`
    }),
    ...[...state.tanks, ...state.hatchVessels].map(t => `${t.id}:${Math.round(t.temperatureC)}`),
  ]
    .sort()
    .join(' '),
})

/** A change of facts, for words: what it is about, and what it was. */
export type FactChange =
  | { kind: 'brood-new' | 'brood-gone'; brood: string; name: string }
  | { kind: 'date'; brood: string; name: string; days: number }
  | { kind: 'fry'; brood: string; name: string; was: number; is: number }
  | { kind: 'wishes'; brood: string; name: string }
  | { kind: 'culture-new' | 'culture-gone'; food: string; name: string }
  | {
      kind: 'culture-state'
      food: string
      name: string
      is: PlanFacts['cultures'][number]['state']
    }
  | { kind: 'rounds' }
  | { kind: 'foods' }
  | { kind: 'warmth' }

/** What has changed since; empty when a plan still stands on the same ground. */
export function factChanges(was: PlanFacts, is: PlanFacts): FactChange[] {
  const found: FactChange[] = []
  for (const b of is.broods) {
    const old = was.broods.find(x => x.id === b.id)
    const about = { brood: b.id, name: b.name }
    if (!old) found.push({ kind: 'brood-new', ...about })
    else {
      if (old.freeOn !== b.freeOn)
        found.push({ kind: 'date', ...about, days: daysBetween(old.freeOn, b.freeOn) })
      if (Math.abs(old.fry - b.fry) > SAME_FRY * Math.max(old.fry, b.fry))
        found.push({ kind: 'fry', ...about, was: old.fry, is: b.fry })
      if (old.foods !== b.foods) found.push({ kind: 'wishes', ...about })
    }
  }
  for (const b of was.broods)
    if (!is.broods.some(x => x.id === b.id))
      found.push({ kind: 'brood-gone', brood: b.id, name: b.name })
  for (const c of is.cultures) {
    const old = was.cultures.find(x => x.id === c.id)
    if (!old) found.push({ kind: 'culture-new', food: c.food, name: c.name })
    else if (old.state !== c.state)
      found.push({ kind: 'culture-state', food: c.food, name: c.name, is: c.state })
  }
  for (const c of was.cultures)
    if (!is.cultures.some(x => x.id === c.id))
      found.push({ kind: 'culture-gone', food: c.food, name: c.name })
  if (was.rounds !== is.rounds) found.push({ kind: 'rounds' })
  if (was.foods !== is.foods) found.push({ kind: 'foods' })
  if (was.warmth !== '' && was.warmth !== is.warmth) found.push({ kind: 'warmth' })
  return found
}
