import { naupliiPerCube } from './reckoning/cubes'
import { dayText } from '../time/dayText'
import { NAUPLII } from '../foods/hatchProfile'
import { foodOf } from '../foods/index'
import { nearQuarter, portionText } from '../feeds/portionText'
import { edible } from '../fry/edibles'
import type { CultureReading } from '../estimation/readCulture'
import { running } from '../stock/cultures'
import { backupOf } from '../stock/lines'
import type { Tank } from '../records/records'
import type { RoomState } from '../stock/roomState'
import { addDays, localDateOf, type LocalDate } from '../time/localDate'
import { formatCount, formatGrams, formatMillilitres } from '../units/format'
import { feedAmount, type Tended } from './amounts'
import { gelMeal } from './gelMeal'
import type { PlanGap } from './plan/gaps'
import type { CulturePlan } from './plan/planRoom'
import { tending } from './tending'

/** A line that somebody ticks. The key stays the same while the sheet does. */
export interface SheetLine {
  key: string
  text: string
}
export interface SitterSheet {
  /** What is done before leaving. */
  before: SheetLine[]
  /** What whoever stays does, day by day. */
  days: { date: LocalDate; lines: SheetLine[] }[]
  /** What nobody should do while the owner is away. */
  never: string[]
}

function measured(value: number, unit: 'g' | 'mL' | 'each' | 'share', what: string): string {
  if (unit === 'g') return `${formatGrams(value)} ${what}`
  return unit === 'mL' ? `${formatMillilitres(value)} ${what}` : `${value} ${what}`
}

/**
 * What to prepare and what somebody without a feel for it can do: each brood its portions, each culture its feed, nothing else.
 * @param plan of the room with nobody there on the days away: what it takes on them is what can be had without starting or hatching
 */
export function sitterSheet(
  state: RoomState,
  readings: ReadonlyMap<string, CultureReading>,
  plan: CulturePlan,
  away: { from: LocalDate; days: number },
): SitterSheet {
  const dates = Array.from({ length: away.days }, (_, i) => addDays(away.from, i))
  const last = dates.at(-1) ?? away.from
  const within = (d: LocalDate) => d >= away.from && d <= last
  const tankOf = (brood: string) => state.broods.find(b => b.id === brood)?.tank
  const cultures = running(state.cultureStates).flatMap((culture): Tended[] => {
    const food = foodOf(culture.record.foodId)
    const method = food?.methods.find(m => m.id === culture.record.methodId) ?? food?.methods[0]
    const reading = readings.get(culture.id)
    return food && method && reading ? [{ culture, food, method, reading, now: state.now }] : []
  })
  const before = beforeLeaving(state, plan, cultures, away.from, last)

  const days = dates.map(date => {
    const portions = new Map<string, { tank: Tank; food: string; organisms: number }>()
    for (const t of plan.takes) {
      const tank = t.day === date ? tankOf(t.brood) : undefined
      if (!tank) continue
      const key = `${tank.id} ${t.food}`
      const found = portions.get(key) ?? { tank, food: t.food, organisms: 0 }
      portions.set(key, { ...found, organisms: found.organisms + t.organisms })
    }
    const fed = [...portions].map(([key, { tank, food, organisms }]) => ({
      key: `feed:${key}:${date}`,
      text: `${tank.name}: ${portionLine(state, tank, food, organisms, date)}.`,
    }))
    return { date, lines: [...fed, ...cultures.flatMap(v => feedLine(v, date) ?? [])] }
  })
  return {
    before,
    days: days.filter(d => within(d.date)),
    never: [
      'Feed no more than the sheet says. Hungry fry live, fouled water kills them all.',
      'Do not feed the jars and buckets that are not named; most live longer hungry than overfed.',
      'Use one spoon, one syringe for each jar, and never put it back in after a tank.',
      'Something smells rotten, or fry hang at the surface: write or call, change a fifth of the tank for water of the same warmth, and feed nothing that day.',
    ],
  }
}

/** What a culture that is fed by the calendar gets on a day; null on all others. */
function feedLine(v: Tended, date: LocalDate): SheetLine | null {
  const feed = feedAmount(v)
  if (feed?.rule.when !== 'every') return null
  const since = v.culture.fedAt ?? v.culture.record.startedAt
  const day = Math.round((Date.parse(`${date}T12:00Z`) - Date.parse(since)) / 86_400_000)
  if (day <= 0 || day % Math.round(feed.rule.everyDays ?? 7) !== 0) return null
  const amount = measured(feed.value, feed.unit, feed.rule.what)
  return {
    key: `culture:${v.culture.id}:${date}`,
    text: `${v.culture.record.name}: feed ${amount}.`,
  }
}

function portionLine(
  state: RoomState,
  tank: Tank,
  food: string,
  organisms: number,
  date: LocalDate,
): string {
  const gel = gelFor(state, tank, food, date)
  return gel ?? `${portionFor(state, food, organisms)}, in two parts where you come twice`
}

/** Pieces out of a box, for a food that lies there all day; null where it is none, or no box holds any. */
function gelFor(state: RoomState, tank: Tank, food: string, date: LocalDate): string | null {
  const meal = edible(food)?.lasting ? gelMeal(state, tank, date) : null
  return (
    meal &&
    `${nearQuarter(meal.pieces)} ${meal.pieces > 1 ? 'pieces' : 'piece'} of gel out of ${meal.box.name} (${meal.box.store}), once; take out what is left after ${Math.min(24, meal.removeAfterH)} h`
  )
}

/** A day's portion of a food for a tank; nauplii come from the freezer. */
function portionFor(state: RoomState, food: string, organisms: number): string {
  const known = edible(food)
  if (food === NAUPLII) {
    const perCube = naupliiPerCube(state)
    const cubes = Math.max(0.5, Math.round((organisms / perCube) * 2) / 2)
    return `${cubes} ${cubes <= 1 ? 'cube' : 'cubes'} of nauplii from the freezer, thawed in tank water`
  }
  return known
    ? `${portionText(known, organisms / (known.portion?.perUnit ?? 1), state.room.measures)} of ${known.name.toLowerCase()}`
    : `${formatCount(organisms)} ${food}`
}

function beforeLeaving(
  state: RoomState,
  plan: CulturePlan,
  cultures: readonly Tended[],
  from: LocalDate,
  last: LocalDate,
): SheetLine[] {
  const gaps = plan.gaps.filter(g => g.from <= last && g.to >= from)
  return [
    ...plan.starts.filter(s => s.on < from).map(startLine),
    ...cubesLine(state, plan, from, last),
    ...cultures.flatMap(v => tendingLines(state, v, last)),
    ...gaps.map(g => gapLine(state, g)),
  ]
}

function startLine(s: CulturePlan['starts'][number]): SheetLine {
  const name = foodOf(s.food)?.profile.name.toLowerCase() ?? s.food
  const vessels = `${s.vessels} ${s.vessels === 1 ? 'vessel' : 'vessels'}`
  const order = s.orderBy ? ` Order its starter by ${dayText(s.orderBy)}.` : ''
  return {
    key: `start:${s.food}:${s.on}`,
    text: `Start ${vessels} of ${name} by ${dayText(s.on)}.${order}`,
  }
}

/** The freezer in portions, where nauplii are to be fed by somebody who does not hatch. */
function cubesLine(
  state: RoomState,
  plan: CulturePlan,
  from: LocalDate,
  last: LocalDate,
): SheetLine[] {
  const frozen = state.stores
    .filter(s => s.keep === 'freezer')
    .reduce((n, s) => n + (s.organisms ?? 0), 0)
  const wanted = plan.takes
    .filter(t => t.food === NAUPLII && t.day >= from && t.day <= last)
    .reduce((n, t) => n + t.organisms, 0)
  if (wanted <= 0) return []
  const amounts = `${formatCount(wanted)} nauplii are to be fed, ${formatCount(frozen)} are there`
  const text = `Portion the freezer: ${amounts}. One tub a day, with the date on it.`
  return [{ key: 'cubes', text }]
}

const BEFORE_LEAVING = ['thin out', 'renew', 'split', 'change water', 'end']

function tendingLines(state: RoomState, v: Tended, last: LocalDate): SheetLine[] {
  const due = tending(v, backupOf(state.cultureStates, v.culture.id)).filter(
    t => localDateOf(t.at, state.room.timeZone) <= last && BEFORE_LEAVING.includes(t.kind),
  )
  return due.map(t => ({
    key: `${t.kind}:${v.culture.id}`,
    text: `${v.culture.record.name}: ${t.kind === 'end' ? 'start it anew' : t.kind}. ${t.because}`,
  }))
}

function gapLine(state: RoomState, g: PlanGap): SheetLine {
  const brood = state.broods.find(b => b.id === g.brood)?.name ?? 'A brood'
  const bridge = g.ways.find(w => w.kind === 'bridge')
  const food = bridge && (edible(bridge.food)?.name.toLowerCase() ?? bridge.food)
  const help = food
    ? `Have ${food} in portions for every day.`
    : 'Ask somebody who can hatch, or move it to where it is fed.'
  return {
    key: `gap:${g.brood}:${g.from}`,
    text: `${brood} is ${Math.round(g.share * 100)} % short from ${g.from} to ${g.to}. ${help}`,
  }
}
