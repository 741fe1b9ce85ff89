import type { Reason } from '../../reasons/reason'
import type { RoomState } from '../../stock/roomState'
import { dayText } from '../../time/dayText'
import { addDays, daysBetween, type LocalDate } from '../../time/localDate'
import { lastSafeDays } from './redundancy'
import { numberText } from '../../units/numberText'
import type { CultureFeed } from './web'
import type { PlanRequest, StartLine } from './request'
import type { RoomStart } from './startables'
import type { StartWorth } from './startWorth'
import { NEEDED_FROM, type PlanProblem, type PlanSolution, type StartOn } from './problem'

export interface PlannedStart extends StartLine {
  /** Where it would stand, and in what. */
  placeId: string | null
  vessel: string
  litres: number
  bought: boolean
  /** The starter has to be ordered by then; null where it is drawn from a vessel of the room. */
  orderBy: LocalDate | null
  forBrood: string
  neededOn: LocalDate
  /** Nine in ten are ready by then. */
  readyBy: LocalDate
  chances: { failure: number; readyDays: number; readyLogSd: number }
  why: Reason
}

/**
 * Which meal a start serves first: of a brood that gets its food, else of one that would like it.
 * Nothing is wanted of a vessel before it can give: where nobody eats of it by then, that day is told, with no brood.
 */
function serves(
  s: RoomStart,
  start: StartOn,
  solution: PlanSolution,
  p: PlanProblem,
): { brood: string; day: number } {
  const gives =
    start.day +
    Math.max(
      0,
      s.gives.findIndex(g => g > 0),
    )
  const standby = new Set(p.broodDays.filter(b => b.standby).map(b => `${b.brood}\n${b.day}`))
  const mine = solution.meals
    .filter(
      m =>
        m.food === s.food &&
        m.day >= gives &&
        m.share > NEEDED_FROM &&
        !standby.has(`${m.brood}\n${m.day}`),
    )
    .sort((a, b) => a.day - b.day)[0]
  // A backup serves nobody by plan: it stands ready for what the food is eaten for next.
  const later = solution.meals
    .filter(m => m.food === s.food && m.day > start.day && !standby.has(`${m.brood}\n${m.day}`))
    .sort((a, b) => a.day - b.day)
  const last = later.at(-1)
  return (
    mine ??
    later.find(m => m.day >= gives) ??
    (last && { brood: last.brood, day: gives }) ??
    p.broodDays
      .filter(
        b =>
          !b.standby &&
          b.day >= gives &&
          b.foods.some(f => f.food === s.food && f.preferred > NEEDED_FROM),
      )
      .sort((a, b) => a.day - b.day)[0] ?? { brood: '', day: gives }
  )
}

/** Nothing is surer than 99 in 100. */
const percent = (x: number) => Math.min(99, Math.round(x * 100))

/** What the number of vessels is good for, by the futures that were played. */
function worthText(r: PlanRequest, vessels: number, worth: StartWorth | null): string {
  const number = vessels === 1 ? 'One vessel' : `${vessels} vessels`
  if (worth === null) return `${number}: nearer to what suits them best; no day hangs on it.`
  const { sure, without } = worth
  const day = `${broodName(r.state, worth.brood)} on ${dayText(addDays(r.from, worth.day))}`
  const less = vessels === 1 ? 'without it' : 'with one fewer'
  return `${number}: the food of ${day} is ${percent(sure)} % sure, ${less} ${percent(without)} %.`
}

/** Why so many vessels of a food are started on that day: brood, date, days to ready, failures, number. */
function whyStart(
  r: PlanRequest,
  s: RoomStart,
  start: StartOn,
  brood: string,
  needed: LocalDate,
  worth: StartWorth | null,
): Reason {
  const { reliability: rel } = s
  const late = lastSafeDays(rel)
  const on = addDays(r.from, start.day)
  return {
    result: {
      label: `vessels of ${s.foodOf.profile.name.toLowerCase()}`,
      value: start.vessels,
      unit: '',
    },
    rule: `For ${brood} on ${dayText(needed)}: ready after ${Math.round(rel.readyDays)} days, nine in ten within ${Math.round(late)}; ${percent(rel.failure)} in 100 fail. ${worthText(r, start.vessels, worth)}${s.bought ? ` The starter is bought: ${s.leadDays} days to come.` : ''}`,
    formula: 'vessels',
    inputs: [
      {
        key: 'vessels',
        label: 'vessels',
        value: start.vessels,
        unit: '',
        from: `wanted certainty ${percent(r.certainty)} %`,
      },
      {
        key: 'ready',
        label: 'days to ready, median',
        value: rel.readyDays,
        unit: 'd',
        from: `${s.method.name} at ${Math.round(s.temperatureC)} °C, model`,
      },
      {
        key: 'late',
        label: 'nine in ten are ready within',
        value: late,
        unit: 'd',
        from: 'spread of the food',
      },
      {
        key: 'failure',
        label: 'share that fails',
        value: rel.failure,
        unit: '',
        from: r.state.learned.foods[s.food]?.failure ? 'your own vessels and the book' : 'the book',
      },
      {
        key: 'left',
        label: 'days until it is needed',
        value: daysBetween(on, needed),
        unit: 'd',
        from: brood,
      },
    ],
    source: 'mixed-integer plan; beta-binomial of vessels that share a place',
  }
}

export const broodName = (state: RoomState, id: string | undefined) =>
  state.broods.find(b => b.id === id)?.name ?? 'the stock'

/** A start of a solution as people read it. */
export function plannedStart(
  r: PlanRequest,
  s: RoomStart,
  start: StartOn,
  solution: PlanSolution,
  p: PlanProblem,
  worth: StartWorth | null,
): PlannedStart {
  const first = serves(s, start, solution, p)
  const on = addDays(r.from, start.day)
  const neededOn = addDays(r.from, first.day)
  return {
    food: s.food,
    method: s.method.id,
    on,
    vessels: start.vessels,
    placeId: s.placeId,
    vessel: s.vesselClass.name,
    litres: s.vesselClass.litres,
    bought: s.bought,
    orderBy: s.bought ? addDays(on, -s.leadDays) : null,
    forBrood: first.brood,
    neededOn,
    readyBy: addDays(on, Math.ceil(lastSafeDays(s.reliability))),
    chances: s.reliability,
    why: whyStart(r, s, start, broodName(r.state, first.brood), neededOn, worth),
  }
}

/** A start that feeds what feeds the broods: green water for water fleas, algae for rotifers. */
export function feedingStart(
  r: PlanRequest,
  s: RoomStart,
  start: StartOn,
  feeds: readonly CultureFeed[],
  solution: PlanSolution,
  p: PlanProblem,
): PlannedStart {
  const of = plannedStart(r, s, start, solution, p, null)
  const mine = feeds.filter(f => f.food === s.food && f.toDay > start.day)
  const ready =
    start.day +
    Math.max(
      0,
      s.gives.findIndex(g => g > 0),
    )
  const neededOn = addDays(r.from, Math.max(ready, Math.min(...mine.map(f => f.fromDay))))
  const first = mine.filter(f => addDays(r.from, f.fromDay) <= neededOn)
  const litres = numberText(
    first.reduce((sum, f) => sum + f.litres, 0),
    { digits: 2 },
  )
  const names = [...new Set(first.map(f => f.name))]
  const drink = names.length === 1 ? 'drinks' : 'drink'
  const number = start.vessels === 1 ? 'one vessel' : `${start.vessels} vessels`
  const rule = `${names.join(', ')} ${drink} ${litres} L of ${s.foodOf.profile.name.toLowerCase()} a day: ${number}, ready after ${Math.round(s.reliability.readyDays)} days. Without it, feed yeast or powder: it fouls sooner.`
  return { ...of, neededOn, why: { ...of.why, rule } }
}
