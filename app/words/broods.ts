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
  const when = `swims free in ${plural(-b.day, 'day')}, ${date(free.on)}${spread}`
  if (b.stage === 'hoped') return `Spawning hoped for; ${when}.`
  if (b.stage === 'eggs')
    return `Eggs${hatched ? `, hatch about ${date(hatched.on)}` : ''}; ${when}.`
  return hatched
    ? `Living on yolk since ${date(hatched.on)}; ${when}.`
    : `Not free swimming yet; ${when}.`
}

/** What the sentences are made of. */
type Told = Pick<SheetSummary, 'gaps' | 'next' | 'spans'>

const list = (ids: readonly string[]) => ids.map(foodInText).join(' or ')

/** What is most pressing, in a sentence. */
export function urgencyLine(u: Urgency, sheet: Told | null): string {
  const gap = sheet?.gaps[0]
  const closing =
    gap && gap.closers.length > 0
      ? ` ${list(gap.closers.slice(0, 3))} would close it.`.replace(/^ ./, c => c.toUpperCase())
      : ''
  switch (u.code) {
    case 'unknown':
      return 'This fish is not known here: choose another.'
    case 'gap-now':
      return `Nothing here fits its mouth today.${closing}`
    case 'gap-soon':
      return `Nothing here will fit its mouth ${u.inDays <= 0 ? 'from the first day' : `in ${plural(u.inDays, 'day')}`}.${closing}`
    case 'first-food':
      return `First meal in ${plural(u.inDays, 'day')}: ${firstFoods(sheet)}.`
    case 'trial':
      return 'A new food is on trial: look at the bellies.'
    case 'change-soon':
      return `Next food in ${plural(u.inDays, 'day')}: ${foodInText(sheet?.next?.food ?? '')}.`
    case 'well':
      return 'Well provided for.'
    case 'eggs':
      return `First meal in ${plural(u.inDays, 'day')}: ${firstFoods(sheet)}.`
  }
}

const firstFoods = (sheet: Told | null) => {
  const first = sheet?.spans.filter(s => s.from === 0 && s.most >= 0.2).map(s => s.food) ?? []
  return first.length > 0 ? list(first.slice(0, 3)) : 'no food of this room fits'
}
