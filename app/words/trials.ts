import { ASKS, type TrialKind } from '@renatus/core/trials/asks'
import { LESS_IS_BETTER, type ArmResult, type Spread } from '@renatus/core/trials/arms'
import { factorOf, FACTOR_IDS, type FactorId } from '@renatus/core/trials/factors'
import { inOrder } from '@renatus/core/trials/trialState'
import type { MemberRead } from '@renatus/core/trials/member'
import type { TrialRecord } from '@renatus/core/records/records'
import { TRIAL_ASKS, type TrialAsk, type TrialEnd } from '@renatus/core/records/vocabulary'
import { numberText } from '@renatus/core/units/numberText'
import { plural } from './round'

const GAP = '\u00a0'

const KIND_WORDS: Readonly<Record<TrialKind, string>> = {
  culture: 'Cultures',
  hatch: 'Hatches',
  diet: 'Diets of broods',
  gel: 'Gel',
  hand: 'Work of the hand',
}

/** What is asked, in a list; and how the best is said. */
interface AskWords {
  name: string
  best: string
  /** What one vessel is asked when it is measured by hand. */
  hand: string
}
export const ASK_WORDS: Readonly<Record<TrialAsk, AskWords>> = {
  'ready-day': { name: 'Day it is ready', best: 'is ready first', hand: 'Ready on day' },
  'density': { name: 'How dense on a day', best: 'is densest', hand: 'Animals in a mL' },
  'per-gram': {
    name: 'Animals on a gram of what went in',
    best: 'gives most on a gram',
    hand: 'Animals on a gram',
  },
  'per-cost': {
    name: 'Animals for the money',
    best: 'gives most for the money',
    hand: 'Animals for a unit of money',
  },
  'hatched': { name: 'Share that hatches', best: 'hatches best', hand: 'Hatched' },
  'nauplius-size': {
    name: 'Length of nauplii',
    best: 'has the longest nauplii',
    hand: 'Lengths, µm',
  },
  'pull-hours': { name: 'Hours to the pull', best: 'can be pulled first', hand: 'Hours' },
  'growth': { name: 'Growth a day', best: 'grows them fastest', hand: 'Growth, mm a day' },
  'survival': { name: 'Share that lives', best: 'keeps most alive', hand: 'Alive' },
  'kept-whole': { name: 'Share that holds together', best: 'holds best', hand: 'Pieces whole' },
  'box-days': { name: 'Days that a box lasts', best: 'lasts longest', hand: 'Days' },
  'minutes': { name: 'Minutes of work', best: 'takes the fewest minutes', hand: 'Minutes' },
}
const UNIT_WORDS: Readonly<Record<string, string>> = {
  '/mL': `per${GAP}mL`,
  '/g': `per${GAP}g`,
  'mm/d': `mm${GAP}a${GAP}day`,
  'd': 'days',
}
export const ASK_OPTIONS = TRIAL_ASKS.map(id => ({
  value: id,
  label: `${KIND_WORDS[ASKS[id].kind]}: ${ASK_WORDS[id].name.toLowerCase()}`,
}))

const FACTOR_WORDS: Readonly<Record<FactorId, string>> = {
  matter: 'matter (leaf, flour, peel)',
  school: 'school',
  water: 'water',
  medium: 'medium',
  lot: 'lot of cysts',
  hours: 'hours of the pull',
  diet: 'diet',
  way: 'way of doing it',
  light: 'light',
}
export const factorOptions = (kind: TrialKind) =>
  FACTOR_IDS.filter(id => factorOf(id).kinds.includes(kind)).map(value => ({
    value,
    label: FACTOR_WORDS[value],
  }))

/** "4.6 days", "71 %", "12 per mL". */
function valueWords(x: number, asks: TrialAsk): string {
  const { measure, unit } = ASKS[asks]
  if (measure === 'share') return `${Math.round(100 * x)}${GAP}%`
  const text = x >= 100 ? numberText(Number(x.toPrecision(2))) : numberText(x, { digits: 2 })
  if (unit === 'd' && text === '1') return `1${GAP}day`
  return unit === '' ? text : `${text}${GAP}${UNIT_WORDS[unit] ?? unit}`
}
const bare = (x: number, asks: TrialAsk) => valueWords(x, asks).split(GAP)[0]!

/** A number with its interval: "4.6 days (3.9 to 5.4)". */
export const armWords = (a: Pick<ArmResult, 'mean' | 'p10' | 'p90'>, asks: TrialAsk) =>
  `${valueWords(a.mean, asks)} (${bare(a.p10, asks)} to ${bare(a.p90, asks)})`

/** What one vessel said: "5.1 days", "44 of 135", with its doubt where it has one. */
export function memberWords(m: MemberRead, asks: TrialAsk): string {
  if (m.lost !== null) return m.lost === '' ? 'lost' : `lost: ${m.lost}`
  if (m.value === null) return m.seen > 0 ? 'seen, and it tells nothing yet' : 'nothing seen yet'
  if ('hit' in m.value) return `${m.value.hit} of ${m.value.of}`
  const { value, logSd } = m.value
  if (logSd === 0) return valueWords(value, asks)
  const by = Math.exp(1.2816 * logSd)
  return armWords({ mean: value, p10: value / by, p90: value * by }, asks)
}

interface Named extends ArmResult {
  name: string
}
const upper = (text: string) => `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`
const sureWords = (best: number) => `${Math.min(99, Math.round(100 * best))}${GAP}% sure`

/** "Lettuce is ready first: 4.1 days (3.5 to 4.8), then peel, 7.0 days; 96 % sure." */
export function answerWords(
  arms: readonly Named[],
  how: TrialEnd,
  asks: TrialAsk,
  isOver = true,
): string {
  const [first, second] = inOrder({ arms: arms.map(a => ({ ...a, vessels: 0 })) }, asks)
  if (!first || !second) return 'It says nothing yet.'
  if (how === 'alike')
    return `They are alike within what matters: ${first.name} ${armWords(first, asks)}, ${second.name} ${armWords(second, asks)}.`
  const best = `${upper(first.name)} ${ASK_WORDS[asks].best}: ${armWords(first, asks)}, then ${second.name}, ${valueWords(second.mean, asks)}; ${sureWords(first.best)}.`
  if (how === 'settled') return best
  return `${best} ${isOver ? 'It was not settled.' : 'That is not settled yet.'}`
}

/** What it would take. */
export function moreWords(more: number | null): string {
  if (more === null) return 'It would take more vessels than is sensible to tell them apart.'
  if (more === 0) return 'It is likely: a vessel or two more for each would make it sure.'
  return `${plural(more, 'vessel')} more for each would tell them apart, if they stay where they are.`
}

/** "3 each find a difference of 1.5 times in 9 of 10 trials." */
export function powerWords(each: number, found: number, times: number): string {
  const often = found >= 0.985 ? 'almost always' : `in ${Math.round(found * 10)} of 10 trials`
  return `${each === 1 ? 'One each finds' : `${each} each find`} a difference of ${numberText(times, { digits: 2 })} times ${often}.`
}
/** Beside the number of vessels: how many are enough, or that it is still worked out. */
export function enoughWords(enough: number | null, mostTried: number | null): string {
  if (mostTried === null) return 'Being worked out'
  return enough === null
    ? `Even ${mostTried} are too few to find it`
    : `${enough} ${enough === 1 ? 'is' : 'are'} enough`
}
export const spreadWords = ({ sd, df }: Spread) =>
  df > 3
    ? `Vessels alike differ here by about ${Math.round(100 * (Math.exp(sd) - 1))}${GAP}%, as your last trial showed.`
    : `Vessels alike are taken to differ by about ${Math.round(100 * (Math.exp(sd) - 1))}${GAP}%, until a trial of yours says better.`

const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const
/** How it was found out: "in this room, 3 each, spring 2026". */
export function foundWords(trial: TrialRecord, vessels: readonly { vessels: number }[]): string {
  const month = Number(trial.startedAt.slice(5, 7))
  const season = SEASONS[Math.floor((month % 12) / 3)]!
  const fewest = Math.min(...vessels.map(v => v.vessels))
  const planned = trial.planned ? '' : ', never meant as a trial'
  return `in this room, ${fewest} each${planned}, ${season} ${trial.startedAt.slice(0, 4)}`
}

/** Which way is better, on the axis. */
export const betterWords = (asks: TrialAsk) =>
  LESS_IS_BETTER[ASKS[asks].measure] ? 'less is better' : 'more is better'
export const axisWords = (asks: TrialAsk) => {
  const { measure, unit } = ASKS[asks]
  const of = measure === 'share' ? '%' : (UNIT_WORDS[unit] ?? unit)
  return of === '' ? ASK_WORDS[asks].name : `${ASK_WORDS[asks].name}, ${of}`
}
