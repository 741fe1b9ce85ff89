import { zoneOffset } from '../time/zone'

/** In which order the parts of a date stand. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const
export type DateOrder = (typeof DATE_ORDERS)[number]

/** The numbers of a date in the order of the file, and the clock beside it. */
export interface WrittenTime {
  parts: [number, number, number]
  /** ms since midnight. */
  clockMs: number
  /** How far it says it is ahead of UTC, ms; null where it says nothing. */
  aheadMs: number | null
  /** By a clock of twelve hours; with dots between the parts of the date. */
  half: boolean
  dotted: boolean
}

const DATE = /(?<![\d.])(\d{1,4})([-/.])(\d{1,2})\2(\d{1,4})(?![\d])/
const CLOCK = /(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,](\d{1,9}))?)?\s*([ap])?\.?m?/i
const AHEAD = /(?:^|[\d\s])(Z|UTC|GMT|[+-]\d{2}:?\d{2})\s*$/i
const MIN_MS = 60_000
const HOUR_MS = 3_600_000
const DAY_MS = 86_400_000

function clockMs(text: string): number | null {
  const found = CLOCK.exec(text)
  if (!found) return null
  const [, hours, minutes, seconds = '0', fraction = '', half] = found
  let h = Number(hours)
  if (half) h = (h % 12) + (half.toLowerCase() === 'p' ? 12 : 0)
  if (h > 23 || Number(minutes) > 59 || Number(seconds) > 59) return null
  return h * HOUR_MS + Number(minutes) * MIN_MS + Number(`${seconds}.${fraction || 0}`) * 1000
}

function aheadMs(text: string): number | null {
  const found = AHEAD.exec(text)?.[1]
  if (!found) return null
  if (/[a-z]/i.test(found)) return 0
  const digits = found.replace(/\D/g, '')
  const ms = Number(digits.slice(0, 2)) * HOUR_MS + Number(digits.slice(2)) * MIN_MS
  return found.startsWith('-') ? -ms : ms
}

/** A date with its clock; null where the text is none. */
export function writtenTime(text: string): WrittenTime | null {
  const date = DATE.exec(text)
  if (!date) return null
  const rest = text.slice(date.index + date[0].length).replace(/^T/i, ' ')
  const clock = rest.trim() === '' ? 0 : clockMs(rest)
  if (clock === null) return null
  return {
    parts: [Number(date[1]), Number(date[3]), Number(date[4])],
    clockMs: clock,
    aheadMs: aheadMs(rest),
    half: /[ap]\.?m/i.test(rest),
    dotted: date[2] === '.',
  }
}

const fullYear = (year: number) => (year < 100 ? 2000 + year : year)
const POSITIONS = { ymd: [0, 1, 2], dmy: [2, 1, 0], mdy: [2, 0, 1] } as const

/** What the wall showed, as if it were UTC, ms; null where there is no such day in this order. */
export function wallTime({ parts, clockMs: clock }: WrittenTime, order: DateOrder): number | null {
  const [y, m, d] = POSITIONS[order]
  const year = fullYear(parts[y])
  const month = parts[m]
  const day = parts[d]
  const ms = Date.UTC(year, month - 1, day)
  const date = new Date(ms)
  const exists = date.getUTCMonth() === month - 1 && date.getUTCDate() === day
  return exists && year >= 2000 && year < 2100 ? ms + clock : null
}

/** The instants at which a zone showed a time: none in the hour that spring skips, two in the one that autumn repeats. */
export function instantsAt(wall: number, timeZone: string): number[] {
  const offsets = [wall - DAY_MS, wall + DAY_MS].map(ms => zoneOffset(ms, timeZone))
  return [...new Set(offsets.map(offset => wall - offset))]
    .filter(ms => ms + zoneOffset(ms, timeZone) === wall)
    .sort((a, b) => a - b)
}

const EPOCH_S = { from: 946_684_800, to: 4_102_444_800 }
/** Seconds or milliseconds since 1970; null where a number is neither. */
export function epochMs(text: string): number | null {
  if (!/^\d{9,13}(\.\d+)?$/.test(text.trim())) return null
  const value = Number(text)
  const within = (s: number) => s >= EPOCH_S.from && s < EPOCH_S.to
  if (within(value)) return value * 1000
  return within(value / 1000) ? value : null
}
