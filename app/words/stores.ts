import { TOLD_D } from '@renatus/core/provision/burnDown'
import type { CostKind } from '@renatus/core/provision/costs'
import type { Provision } from '@renatus/core/provision/provision'
import type { Purchase } from '@renatus/core/provision/shopping'
import { daysBetween, type LocalDate } from '@renatus/core/time/localDate'
import { numberText } from '@renatus/core/units/numberText'
import { plural } from './round'

const GAP = '\u00a0'
/** What is counted, in the plural; weights and volumes have none. */
const MANY: Record<string, string> = {
  cube: 'cubes',
  pinch: 'pinches',
  wipe: 'wipes',
  worm: 'worms',
  piece: 'pieces',
}

/** "580 g", "2.3 kg", "1.2 L", "40 pieces". */
export function amountOf(amount: number, unit: string): string {
  if (unit === 'g' && amount >= 1000) return `${numberText(amount / 1000, { decimals: 1 })}${GAP}kg`
  if (unit === 'mL' && amount >= 1000) return `${numberText(amount / 1000, { decimals: 1 })}${GAP}L`
  const text = numberText(amount, { decimals: amount < 10 ? 1 : 0 })
  if (unit === 'each' || unit === 'share') return text
  const word = text === '1' ? unit : (MANY[unit] ?? unit)
  return `${text}${GAP}${word}`
}

const LONG_D = 90
const DAYS_A_MONTH = 30.4
const whole = (days: number) => Math.max(0, Math.round(days))

/** "41 days (33 to 52)", "7 months", "more than two years". */
export function lastsWords(p: Pick<Provision, 'lasts' | 'left' | 'overdrawn'>): string {
  if (p.left === null) return 'nobody has counted it'
  if (p.overdrawn) return 'more was used than stood here: count it'
  if (p.left <= 0) return 'is used up'
  if (p.lasts === null) return 'nothing takes of it now'
  const { p10, p50, p90 } = p.lasts
  if (p50 > TOLD_D) return 'lasts more than two years'
  if (p50 > LONG_D) {
    const months = (days: number) => Math.round(days / DAYS_A_MONTH)
    return `lasts ${plural(months(p50), 'month')}${between(months(p10), months(p90))}`
  }
  return `lasts ${plural(whole(p50), 'day')}${between(whole(p10), whole(p90))}`
}
const between = (low: number, high: number) => (low === high ? '' : ` (${low} to ${high})`)

const FAR_D = 300
/** A date; with its year where that is not the next one of its name. */
export const farDate = (on: LocalDate, today: LocalDate, date: (d: LocalDate) => string): string =>
  daysBetween(today, on) > FAR_D ? `${date(on)} ${on.slice(0, 4)}` : date(on)

export const COST_WORDS: Record<CostKind, string> = {
  cysts: 'cysts',
  materials: 'materials',
  food: 'food',
  starters: 'starters',
  things: 'things',
}

const CENTS = 0.1
const MONEY = new Intl.NumberFormat('en-GB', { minimumFractionDigits: 2, maximumFractionDigits: 2 })
/** "3.50 €"; small sums with the digits they need. */
export function moneyText(amount: number, currency: string): string {
  if (amount > 0 && amount < CENTS)
    return `${Number(amount.toPrecision(2)).toString()}${GAP}${currency}`
  return `${MONEY.format(amount)}${GAP}${currency}`
}

/** "3 packs of 500 g", "1 starter". */
export function packsText(p: Purchase): string {
  if (p.what === 'starter') return plural(p.packs, 'starter')
  return `${plural(p.packs, 'pack')} of ${amountOf(p.packSize, p.unit)}`
}

/** What leads the page. */
export function larderLead(
  shopping: readonly Purchase[],
  weeks: number,
  date: (d: string) => string,
) {
  const [first] = shopping
  if (!first) return `Nothing has to be bought in the next ${weeks} weeks.`
  const what = plural(shopping.length, 'thing')
  return `${what} to buy in the next ${weeks} weeks. First ${first.name.toLowerCase()}, by ${date(first.by)}.`
}
