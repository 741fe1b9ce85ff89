import type {
  FoodLearned,
  LearnedValue,
  LotLearned,
  ObserverLearned,
} from '@renatus/core/stock/learned'
import type { Pace } from '@renatus/core/stock/pace'
import { numberText } from '@renatus/core/units/numberText'
import type { Sign } from '@renatus/core/records/vocabulary'
import { SIGN_NAMES } from './cultures'
import { plural } from './round'

/** Below this share a difference is not worth a word. */
const AS_BOOK = 0.03
const percent = (x: number) => Math.round(Math.abs(x) * 100)
const share = (x: number) => `${Math.round(x * 100)} %`

/** "20 % slower than the book (8 to 30 %)"; a band that reaches over is told as such. */
function against(
  v: LearnedValue,
  more: string,
  less: string,
  same: string,
  book = 'the book',
  says = 'says',
): string {
  const [x, lo, hi] = [v.value / v.book - 1, v.low / v.book - 1, v.high / v.book - 1]
  if (Math.abs(x) < AS_BOOK)
    return `${same} ${book}${says && ` ${says}`}, within ${percent(Math.max(Math.abs(lo), Math.abs(hi)))} %`
  const word = x > 0 ? more : less
  const [near, far] = x > 0 ? [lo, hi] : [hi, lo]
  const range =
    Math.sign(near) === Math.sign(x)
      ? `${percent(near)} to ${percent(far)} %`
      : `up to ${percent(far)} %, or not at all`
  return `${percent(x)} % ${word} than ${book}${says && ` ${says}`} (${range})`
}

/** What a room has taught about a food, one clause each. */
export function foodLearned(l: FoodLearned, vessel: string): string[] {
  const from = (v: LearnedValue) => `from ${plural(v.from, vessel)}`
  return [
    ...(l.growth
      ? [`${against(l.growth, 'faster', 'slower', 'as fast as')}, ${from(l.growth)}`]
      : []),
    ...(l.lag ? [`starts ${against(l.lag, 'later', 'sooner', 'when')}, ${from(l.lag)}`] : []),
    ...(l.capacity
      ? [`yields ${against(l.capacity, 'more', 'less', 'what')}, ${from(l.capacity)}`]
      : []),
    ...(l.failure
      ? [
          `${share(l.failure.value)} fail where the book says ${share(l.failure.book)}, from ${plural(l.failure.from, 'vessel')}`,
        ]
      : []),
  ]
}

/** How fast things grow in this room over all foods; one food alone tells only of itself. */
export const growthLearned = (v: LearnedValue | null): string[] =>
  v && v.from > 1
    ? [
        `${against(v, 'faster', 'slower', 'as fast as')}, from ${plural(v.from, 'food')}; what was never kept here is reckoned so too`,
      ]
    : []

export function lotLearned(l: LotLearned): string[] {
  return [
    ...(l.hatch.from > 0
      ? [
          `hatches ${share(l.hatch.value)} (${Math.round(l.hatch.low * 100)} to ${share(l.hatch.high)}) where the tin says ${share(l.hatch.book)}, from ${plural(l.hatch.from, 'counted bottle')}`,
          against(l.speed, 'faster', 'slower', 'as fast as', 'a usual tin', 'is'),
          `its hatch is ${against(l.spread, 'more drawn out', 'closer together', 'spread as', 'that of a usual tin', '')}`,
        ]
      : []),
    ...(l.naupliiUm.from > 0
      ? [
          `nauplii ${Math.round(l.naupliiUm.value)} µm long (${Math.round(l.naupliiUm.low)} to ${Math.round(l.naupliiUm.high)}), from ${l.naupliiUm.from} measured`,
        ]
      : []),
  ]
}

export const toolLearned = (v: LearnedValue) => [
  `${Number(v.value.toPrecision(3))} mL (${Number(v.low.toPrecision(3))} to ${Number(v.high.toPrecision(3))}) where ${Number(v.book.toPrecision(3))} mL is printed or taken for it, from ${plural(v.from, 'weighing')}`,
]

export const readingLearned = (v: LearnedValue) => [
  `${v.value.toFixed(2)} times what the book makes of a reading, from ${plural(v.from, 'count')}`,
]

/** A lean below this is none, grades. */
const NO_LEAN = 0.3
const steps = (grades: number): string => {
  const halves = Math.max(1, Math.round(Math.abs(grades) * 2))
  if (halves === 1) return 'half a step'
  if (halves === 2) return 'one step'
  return `${halves % 2 ? `${Math.floor(halves / 2)}½` : halves / 2} steps`
}

/** How somebody sees things, one clause a sign: what is taken off his looks before they are believed. */
export function observerLearned(l: ObserverLearned): string[] {
  const from = `from ${plural(l.from, 'vessel')}`
  const leans = Object.entries(l.lean).filter(([, b]) => Math.abs(b.mean) >= NO_LEAN)
  if (leans.length === 0) return [`sees things as they are, within half a step, ${from}`]
  return leans.map(
    ([sign, b]) =>
      `${SIGN_NAMES[sign as Sign]}: ${steps(b.mean)} ${b.mean > 0 ? 'more' : 'less'} than there is, ${from}`,
  )
}

/** How long rounds take here; empty before some have been worked by their stops. */
export function paceWords({ factor, rounds }: Pace): string {
  if (rounds === 0) return ''
  const times = numberText(factor, { decimals: 1 })
  const told =
    Math.abs(factor - 1) < 0.05 ? 'as long as reckoned' : `${times} times as long as reckoned`
  return `Your rounds take ${told}, as ${plural(rounds, 'round')} of taps ${rounds === 1 ? 'tells' : 'tell'}; minutes are said and planned accordingly.`
}
