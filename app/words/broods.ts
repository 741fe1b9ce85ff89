import type { BroodState } from '@renatus/core/stock/broodState'
import type { Urgency } from '@renatus/core/stock/urgency'
import type { SheetSummary } from '~/workers/sheet.worker'
import { foodInText } from './foods'
import { plural } from './round'

/** "Day 6: free swimming since Tue 17 Mar." */
export function stageLine(b: BroodState, date: (d: string) => string): string {
  const { free, hatched } = b.dates
  const spread =
    free.spreadDays >= 0.5 ? `, give or take ${plural(Math.round(free.spreadDays), 'day')}` : ''
  if (b.stage === 'feeding')
    return `Day ${b.day}: free swimming since ${date(free.on)}${free.seen ? '' : ' (worked out)'}.`
  const when = `swims free ${inDays(-b.day)}, ${date(free.on)}${spread}`
  if (b.stage === 'hoped') return `Spawning hoped for; ${when}.`
  if (b.stage === 'eggs')
    return `Eggs${hatched ? `, hatch about ${date(hatched.on)}` : ''}; ${when}.`
  return hatched
    ? `Living on yolk since ${date(hatched.on)}; ${when}.`
    : `Not free swimming yet; ${when}.`
}

/** How a date is known. */
export function dateDoubt(d: { seen: boolean; spreadDays: number }): string {
  if (d.seen) return 'seen'
  if (d.spreadDays < 0.5) return 'worked out'
  return `worked out, give or take ${plural(Math.round(d.spreadDays), 'day')}`
}

/** What the sentences are made of. */
type Told = Pick<SheetSummary, 'gaps' | 'next' | 'spans'>

const list = (ids: readonly string[]) => ids.map(foodInText).join(' or ')

type Line = (u: Urgency, s: Told | null) => string

const inDays = (n: number) => (n <= 0 ? 'today' : `in ${plural(n, 'day')}`)

const firstMeal = (u: { inDays: number }, s: Told | null) =>
  `First meal ${inDays(u.inDays)}: ${firstFoods(s)}.`
const changeSoon = (u: { inDays: number }, s: Told | null) =>
  `Next food ${inDays(u.inDays)}${s?.next ? `: ${foodInText(s.next.food)}` : ''}.`
const gapSoon = (u: { inDays: number }, s: Told | null) => {
  const when = u.inDays <= 0 ? 'from the first day' : `in ${plural(u.inDays, 'day')}`
  return `Nothing here will fit its mouth ${when}.${closers(s)}`
}
/** Foods that would close the first gap; nothing where none would. */
function closers(sheet: Told | null): string {
  const foods = sheet?.gaps[0]?.closers.slice(0, 3) ?? []
  if (foods.length === 0) return ''
  return ` ${list(foods).replace(/^./, c => c.toUpperCase())} would close it.`
}

const URGENCIES: Readonly<Record<Urgency['code'], Line>> = {
  'unknown': () => 'This fish is not known here: choose another.',
  'gap-now': (_, s) => `Nothing here fits its mouth today.${closers(s)}`,
  'gap-soon': gapSoon,
  'first-food': firstMeal,
  'trial': () => 'A new food is on trial: look at the bellies.',
  'change-soon': changeSoon,
  'well': () => 'What is kept here fits its mouth.',
  'eggs': firstMeal,
}

/** What is most pressing, in a sentence. */
export const urgencyLine = (u: Urgency, sheet: Told | null): string => URGENCIES[u.code](u, sheet)

/** Foods of the room that make its first meal. */
export const foodsOfFirstMeal = (sheet: Told | null): string[] =>
  sheet?.spans.filter(s => s.from === 0 && s.most >= 0.2).map(s => s.food) ?? []

const firstFoods = (sheet: Told | null) => {
  const first = foodsOfFirstMeal(sheet)
  return first.length > 0 ? list(first.slice(0, 3)) : 'no food of this room fits'
}
