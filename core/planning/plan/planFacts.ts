import { fryOnDay } from '../../fry/fryCourse'
import { bracket } from '../../math/bracket'
import type { CultureReading } from '../../estimation/readCulture'
import { running } from '../../stock/cultures'
import { airNow } from '../../stock/placeTemperature'
import type { RoundTime } from '../../time/rounds'
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
/** By the chance that a vessel has failed: above 0.8, above 0.35. */
const STATES = [
  [-0.8, 'lost'],
  [-0.35, 'doubtful'],
] as const

/** Hours of a round, and its minutes where the room says them. */
const roundFact = (r: RoundTime) =>
  [r.at, r.minutes ?? '', r.minutesByDay?.join(',') ?? ''].filter(x => x !== '').join('/')

export const foodsFact = (foods: readonly string[]): string => [...foods].sort().join(' ')

/** Facts of a room today. */
export const planFacts = (
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
): PlanFacts => ({
  broods: state.broods.map(b => ({
    id: b.id,
    name: b.name,
    freeOn: b.freeOn,
    fry: Math.round(fryOnDay(b.numbers, Math.max(0, b.day))),
    foods: [b.brood.wishes.forbidden.join(','), b.brood.wishes.school].join(' '),
  })),
  cultures: running(state.cultureStates).map(c => {
    const p = readings.get(c.id)?.estimate.pFailed ?? 0
    return {
      id: c.id,
      name: c.record.name,
      food: c.record.foodId,
      state: c.quarantine ? 'apart' : bracket(-p, STATES, 'well'),
    }
  }),
  rounds: state.room.rounds.map(roundFact).join(' '),
  foods: foodsFact(state.room.foods),
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

type BroodFacts = PlanFacts['broods'][number]

function broodChanges(old: BroodFacts, b: BroodFacts): FactChange[] {
  const about = { brood: b.id, name: b.name }
  const found: FactChange[] = []
  if (old.freeOn !== b.freeOn)
    found.push({ kind: 'date', ...about, days: daysBetween(old.freeOn, b.freeOn) })
  if (Math.abs(old.fry - b.fry) > SAME_FRY * Math.max(old.fry, b.fry))
    found.push({ kind: 'fry', ...about, was: old.fry, is: b.fry })
  if (old.foods !== b.foods) found.push({ kind: 'wishes', ...about })
  return found
}

type CultureFacts = PlanFacts['cultures'][number]

function cultureChanges(old: CultureFacts | undefined, c: CultureFacts): FactChange[] {
  const about = { food: c.food, name: c.name }
  if (!old) return [{ kind: 'culture-new', ...about }]
  return old.state === c.state ? [] : [{ kind: 'culture-state', ...about, is: c.state }]
}

/** Those of a list that another no longer holds. */
const goneFrom = <T extends { id: string }>(was: readonly T[], is: readonly T[]): T[] =>
  was.filter(x => !is.some(y => y.id === x.id))

/** What has changed since; empty when a plan still stands on the same ground. */
export function factChanges(was: PlanFacts, is: PlanFacts): FactChange[] {
  const broods = is.broods.flatMap((b): FactChange[] => {
    const old = was.broods.find(x => x.id === b.id)
    return old ? broodChanges(old, b) : [{ kind: 'brood-new', brood: b.id, name: b.name }]
  })
  const cultures = is.cultures.flatMap(c =>
    cultureChanges(
      was.cultures.find(x => x.id === c.id),
      c,
    ),
  )
  const found: FactChange[] = [
    ...broods,
    ...goneFrom(was.broods, is.broods).map((b): FactChange => ({
      kind: 'brood-gone',
      brood: b.id,
      name: b.name,
    })),
    ...cultures,
    ...goneFrom(was.cultures, is.cultures).map((c): FactChange => ({
      kind: 'culture-gone',
      food: c.food,
      name: c.name,
    })),
  ]
  if (was.rounds !== is.rounds) found.push({ kind: 'rounds' })
  if (was.foods !== is.foods) found.push({ kind: 'foods' })
  if (was.warmth !== '' && was.warmth !== is.warmth) found.push({ kind: 'warmth' })
  return found
}
