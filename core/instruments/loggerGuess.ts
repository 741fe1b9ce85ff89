import type { DateOrder, WrittenTime } from './loggerTime'
import { wallTime } from './loggerTime'
import type { Reading, ThermometerUnit } from './reading'

/** So much longer than usual between two readings is a gap. */
const GAP_TIMES = 3

export function decimalOf(cells: readonly string[], separator: string): '.' | ',' {
  const commas = cells.filter(c => /\d,\d/.test(c)).length
  const points = cells.filter(c => /\d\.\d/.test(c)).length
  return commas > points && (separator !== ',' || points === 0) ? ',' : '.'
}

export const numberOf = (cell: string, decimal: '.' | ',') => {
  const text = cell.replace(/°|[CF]\s*$/gi, '').trim()
  if (text === '') return NaN
  return Number(decimal === ',' ? text.replace(',', '.') : text)
}

/** How ill an order suits the times: days that do not exist in it, then how far they jump about. */
function illOf(times: readonly WrittenTime[], order: DateOrder): [missing: number, jumps: number] {
  const walls = times.map(t => wallTime(t, order)).filter(ms => ms !== null)
  const jumps = walls.reduce((sum, ms, i) => sum + (i ? Math.abs(ms - walls[i - 1]!) : 0), 0)
  return [times.length - walls.length, jumps]
}

/** Of the orders the one in which most dates exist and they go on most evenly; where that does not decide, what is usual. */
export function orderOf(times: readonly WrittenTime[]): { order: DateOrder; doubtful: boolean } {
  const halves = times.some(t => t.half)
  const usual: DateOrder[] = halves ? ['mdy', 'dmy', 'ymd'] : ['dmy', 'mdy', 'ymd']
  const tried = usual.map(order => ({ order, ill: illOf(times, order) }))
  const [best, next] = tried.toSorted((a, b) => a.ill[0] - b.ill[0] || a.ill[1] - b.ill[1])
  const dotted = times.some(t => t.dotted) && best!.order === 'dmy'
  const same = best!.ill.every((n, i) => n === next!.ill[i])
  return { order: best!.order, doubtful: same && !dotted }
}

const UNIT_NAMED = /°\s*([CF])|\b([CF])\b|(℃|celsius)|(℉|fahrenheit)/i
export function unitNamed(texts: readonly string[]): ThermometerUnit | null {
  for (const text of texts) {
    const found = UNIT_NAMED.exec(text)
    if (!found) continue
    const [, sign, letter, c] = found
    return ((sign ?? letter)?.toUpperCase() as ThermometerUnit) ?? (c ? 'C' : 'F')
  }
  return null
}

export const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? null

export interface LoggerSteps {
  /** Usual time between two readings, minutes; null for fewer than two. */
  everyMinutes: number | null
  gaps: { from: string; to: string }[]
}
/** How often it wrote, and where it did not. */
export function stepsOf(readings: readonly Reading[]): LoggerSteps {
  const at = readings.map(r => Date.parse(r.at))
  const every = median(at.slice(1).map((ms, i) => ms - at[i]!))
  if (every === null) return { everyMinutes: null, gaps: [] }
  const gaps = readings.flatMap((r, i) =>
    i > 0 && at[i]! - at[i - 1]! > GAP_TIMES * every
      ? [{ from: readings[i - 1]!.at, to: r.at }]
      : [],
  )
  return { everyMinutes: every / 60_000, gaps }
}
