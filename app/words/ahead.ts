import { numberText } from '@renatus/core/units/numberText'
import type { Lateness } from '@renatus/core/round/stops/begin/find'
import type { Decision } from '@renatus/core/planning/plan/decisions'
import { listed, partsText } from '@renatus/core/round/wayText'
import type { PlanGet } from '@renatus/core/planning/plan/planGets'
import type { Way } from '@renatus/core/planning/plan/closing'
import type { LastStart } from '@renatus/core/planning/plan/lastStarts'
import type { FactChange } from '@renatus/core/planning/plan/planFacts'
import type { PlanChange } from '@renatus/core/planning/plan/planDifference'
import type { LocalDate } from '@renatus/core/time/localDate'
import { foodInText } from './foods'
import { plural } from './round'

type DateWords = (d: LocalDate) => string
export interface Names {
  brood(id: string): string
  date: DateWords
}

const vessels = (n: number) => plural(n, 'vessel')
const days = (n: number) => plural(Math.abs(n), 'day')

/** A decision as a sentence: verb, amount, the rest. */
export function decisionWords(
  d: Decision,
  n: Names,
): { verb: string; amount: string; rest: string } {
  switch (d.kind) {
    case 'get':
      return getWords(d.get, n)
    case 'order':
      return {
        verb: 'Order',
        amount: 'a starter',
        rest: `of ${foodInText(d.start.food)}, to start on ${n.date(d.start.on)} for ${n.brood(d.start.forBrood)}.`,
      }
    case 'start':
      return {
        verb: 'Start',
        amount: vessels(d.start.vessels),
        rest: `of ${foodInText(d.start.food)} for ${n.brood(d.start.forBrood)} on ${n.date(d.start.neededOn)}. ${slackWords(d.slack, d.late)}`,
      }
    case 'gap': {
      const best = d.gap.ways[0]
      return {
        verb: 'Find food for',
        amount: n.brood(d.gap.brood),
        rest: `${span(d.gap.from, d.gap.to, n.date)}: ${shortWords(d.gap.share)}. ${best ? wayWords(best, n.date) : 'Nothing that is known fits; look at its sheet.'}`,
      }
    }
    case 'doubt':
      return {
        verb: 'Back up',
        amount: n.brood(d.brood),
        rest: `${span(d.on, d.to, n.date)}: it is fed with ${Math.round(d.probability * 100)}\u00a0% certainty. ${d.way ? wayWords(d.way, n.date) : 'Start more, or have something that bridges.'}`,
      }
    case 'hatch':
      return {
        verb: 'Hatch',
        amount: `${numberText(d.hatch.cystsG, { decimals: 1 })} g`,
        rest: `of cysts in ${d.hatch.vessel}.`,
      }
  }
}

/** Foods that a plan takes up, at the head of a sentence and within one. */
export function newFoodWords(foods: readonly string[]): { first: string; within: string } {
  const within = listed(foods.map(foodInText))
  return { first: within.charAt(0).toUpperCase() + within.slice(1), within }
}

function getWords({ parts, food, forBrood, neededOn }: PlanGet, n: Names) {
  const whom = `${n.brood(forBrood)}, fed from ${n.date(neededOn)}`
  if (!parts) return { verb: 'Get', amount: foodInText(food), rest: `for ${whom}.` }
  return { verb: 'Get', amount: 'what a hatch takes', rest: `for ${whom}: ${partsText(parts)}.` }
}

/** From this share on a day has nothing. */
const ALL_FROM = 0.995
const shortWords = (share: number) =>
  share >= ALL_FROM ? 'nothing is planned' : `up to ${Math.round(share * 100)} % are missing`

export const span = (from: LocalDate, to: LocalDate, date: DateWords) =>
  from === to ? `on ${date(from)}` : `from ${date(from)} to ${date(to)}`

/** A way to close a gap, best as a line of a list. */
export function wayWords(w: Way, date: DateWords): string {
  const food = foodInText(w.food)
  const sure = `${Math.round(w.likely * 100)} % sure`
  const closes = w.closes >= 0.99 ? 'closes all of it' : `closes ${Math.round(w.closes * 100)} %`
  const buy =
    w.leadDays > 0
      ? `${days(w.leadDays)} to come${w.apartDays > 0 ? `, ${days(w.apartDays)} apart` : ''}${w.cost > 0 ? `, about ${w.cost}` : ''}`
      : ''
  switch (w.kind) {
    case 'start':
      return `Start ${food} today: helps from ${date(w.helpsFrom)}, ${closes}, ${sure}.`
    case 'buy':
      return `Buy a starter of ${food} (${buy}): helps from ${date(w.helpsFrom)}, ${closes}, ${sure}.`
    case 'other food':
      return `Take up ${food} (${buy}): helps from ${date(w.helpsFrom)}, ${closes}, ${sure}.`
    case 'bridge':
      return `Bridge with ${food} (${buy}): from ${date(w.helpsFrom)}, ${closes}.`
    case 'warmer':
      return `Start ${food} ${w.warmerC} °C warmer: helps from ${date(w.helpsFrom)}, ${closes}, ${sure}.`
    case 'more hatches':
      return `Give more nauplii: from ${date(w.helpsFrom)}, ${closes}; it strays from the ladder.`
    case 'cysts':
      return `Buy cysts (${buy}): nauplii from ${date(w.helpsFrom)}, ${closes}.`
  }
}

/** What has changed in the room since a plan was kept. */
function factWords(c: FactChange): string {
  switch (c.kind) {
    case 'brood-new':
      return `${c.name} is new`
    case 'brood-gone':
      return `${c.name} is gone`
    case 'date':
      return `${c.name} swims free ${days(c.days)} ${c.days < 0 ? 'earlier' : 'later'}`
    case 'fry':
      return `${c.name} has ${numberText(c.is)} fry instead of ${numberText(c.was)}`
    case 'wishes':
      return `what ${c.name} may eat was changed`
    case 'culture-new':
      return `${c.name} was started`
    case 'culture-gone':
      return `${c.name} has ended`
    case 'culture-state':
      return `${c.name} is ${STATE_WORDS[c.is]}`
    case 'rounds':
      return 'the rounds have other hours or minutes'
    case 'foods':
      return 'other foods are kept'
    case 'warmth':
      return 'it is warmer or cooler somewhere'
  }
}

const STATE_WORDS = { well: 'well again', apart: 'set apart', doubtful: 'doubtful', lost: 'lost' }
/**
 * Whether a start comes in time, as nine in ten do.
 * @param late whether mouths go short or are in doubt meanwhile: else the plan reckons with it, and nothing is lost
 */
export function slackWords(slack: number, late: boolean): string {
  if (slack < 0 && !late) return `It may come up to ${days(slack)} late: the plan counts with that.`
  if (slack < 0) return `It is late: it may come only ${days(slack)} after it is wanted.`
  return slack === 0 ? 'Not a day to lose.' : `${days(slack)} to spare.`
}

/** A line of what a new plan does otherwise. */
export function changeWords(
  { kind, was, is }: PlanChange,
  date: DateWords,
): { verb: string; amount: string; rest: string } {
  const food = foodInText((is ?? was)!.food)
  switch (kind) {
    case 'new':
      return { verb: 'Start', amount: vessels(is!.vessels), rest: `of ${food} on ${date(is!.on)}.` }
    case 'dropped':
      return {
        verb: 'Do not start',
        amount: vessels(was!.vessels),
        rest: `of ${food} on ${date(was!.on)}.`,
      }
    case 'moved': {
      const by = Math.round((Date.parse(is!.on) - Date.parse(was!.on)) / 86_400_000)
      return {
        verb: `Move ${food}`,
        amount: `${days(by)} ${by < 0 ? 'earlier' : 'later'}`,
        rest: `to ${date(is!.on)}, ${vessels(is!.vessels)}${is!.vessels === was!.vessels ? '' : ` instead of ${was!.vessels}`}.`,
      }
    }
    case 'more':
    case 'fewer':
      return {
        verb: 'Start',
        amount: vessels(is!.vessels),
        rest: `of ${food} on ${date(is!.on)} instead of ${was!.vessels}.`,
      }
  }
}

export const becauseWords = (changes: readonly FactChange[]): string => {
  const words = changes.slice(0, 3).map(factWords)
  return words.length === 0
    ? 'Days have passed, and the horizon with them.'
    : `Since ${words.join(', and ')}${changes.length > 3 ? `, and ${changes.length - 3} more` : ''}.`
}

/** A day at least as sure as this is not doubted. */
const CERTAIN_FROM = 0.995
/** A day with less of its food than this is a gap, not doubtful. */
const WHOLE_FROM = 0.9

/** Whether nothing is to be told of the days of a brood: none is short, and all are as good as certain. */
export const isSure = (days: readonly { planned: number; probability: number }[]): boolean =>
  days.every(d => d.planned >= WHOLE_FROM && d.probability >= CERTAIN_FROM)

/** How sure the days of a brood are that are not short, by the weakest of them. */
export function sureWords(
  days: readonly { day: LocalDate; planned: number; probability: number }[],
  date: DateWords,
): string {
  const whole = days.filter(d => d.planned >= WHOLE_FROM)
  if (whole.length === 0) return 'No day is covered.'
  const weakest = whole.reduce((a, d) => (d.probability < a.probability ? d : a))
  const sure = coverWords(weakest.probability)
  if (weakest.probability < CERTAIN_FROM) return `Weakest: ${date(weakest.day)}, ${sure}.`
  return whole.length === days.length
    ? 'Every day is as good as certain.'
    : 'The days that are not short are as good as certain.'
}

/** How sure a brood's day is, in words and number. */
const coverWords = (probability: number) => `${Math.round(probability * 100)} % sure`

export const STATUS_WORDS = {
  'optimal': '',
  'feasible': 'The solver was stopped early: this is the best plan it had.',
  'time-limit': 'The solver ran out of time: this is the best plan it had.',
  'infeasible': 'There is no such plan.',
} as const

/** What stands in for a start that comes too late; nothing where nothing does. */
export const insteadWords = (foods: readonly string[]): string =>
  foods.length === 0 ? '' : `Of what is kept here, ${listed(foods.map(foodInText))} would do.`

/** Whether a late start still matters. */
export function startLateWords(late: Lateness, brood: string, readyBy: string): string {
  const days = late.days === 1 ? 'A day' : `${late.days} days`
  const sure = Math.round(late.likely * 100)
  switch (late.code) {
    case 'on time':
      return ''
    case 'late, still good':
      return `${days} late, and still good: ${sure} % sure to be ready for ${brood}.`
    case 'late, doubtful':
      return `${days} late: ${sure} % sure to be ready for ${brood} in time, nine in ten by ${readyBy}. Start it today, and have something that bridges.`
    case 'too late':
      return `Too late for the first meals of ${brood}: nine in ten are ready by ${readyBy} only. Start it if it is wanted after that; for now another food must do.`
  }
}

/** Until when a start of a food still helps a brood. */
export function lastStartWords(
  l: LastStart,
  brood: string,
  from: LocalDate,
  date: DateWords,
): string {
  const sure = `${Math.round(l.likely * 100)} % sure`
  return l.on < from
    ? `${brood}: the last safe start was ${date(l.on)}; started today it is ${sure} for ${date(l.neededOn)}.`
    : `${brood}: last safe start ${date(l.on)}, for ${date(l.neededOn)}.`
}
