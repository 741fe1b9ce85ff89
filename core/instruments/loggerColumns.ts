import { isNumeric, type LoggerRow } from './loggerTable'
import { epochMs, writtenTime } from './loggerTime'

/** Rows by which columns are known. */
const TRIED = 200

export interface LoggerColumns {
  /** One cell, or two with date and clock apart. */
  time: number[]
  temperatures: number[]
  device: number | null
  head: string[]
}

export const timeText = (row: LoggerRow, time: readonly number[]) =>
  time.map(i => (row.cells[i] ?? '').trim()).join(' ')
const isClock = (cell: string) => /^\s*\d{1,2}:\d{2}(:\d{2})?(\s*[ap]\.?m\.?)?\s*$/i.test(cell)
export const isTime = (cell: string) => writtenTime(cell) !== null || epochMs(cell) !== null
const notTemperature =
  /^#$|index|humid|\brh\b|^no\.?$|record|batt|volt|press|hpa|dew|lux|signal|rssi|%|co2|time|date/i
const isDeviceHead = (head: string) => /device|serial|sensor|probe|logger|channel/i.test(head)
const isTemperatureHead = (head: string) => /temp|°|℃|℉|celsius|fahrenheit|\([CF]\)/i.test(head)

/** The line of names above the first reading. */
function headOf(rows: readonly LoggerRow[], first: LoggerRow): string[] {
  const above = rows.filter(r => r.line < first.line && r.cells.length >= 2)
  return (above.at(-1)?.cells ?? []).map(c => c.trim())
}

/** Where times, temperatures and names of devices stand; null where no line holds a time and a number. */
export function loggerColumns(rows: readonly LoggerRow[]): LoggerColumns | null {
  const first = rows.find(
    r => r.cells.some(isTime) && r.cells.some(c => isNumeric(c) && epochMs(c) === null),
  )
  if (!first) return null
  const head = headOf(rows, first)
  const sample = rows.filter(r => r.line >= first.line).slice(0, TRIED)
  const width = Math.max(...sample.map(r => r.cells.length))
  const share = (i: number, is: (cell: string) => boolean) =>
    sample.filter(r => is(r.cells[i] ?? '')).length / sample.length
  const all = Array.from({ length: width }, (_, i) => i)
  const date = all.find(i => share(i, isTime) > 0.5)
  if (date === undefined) return null
  const hasClock = share(date, c => c.includes(':') || epochMs(c) !== null) > 0.5
  const clock = hasClock ? undefined : all.find(i => share(i, isClock) > 0.5)
  const time = clock === undefined ? [date] : [date, clock]
  const free = all.filter(i => !time.includes(i))
  const numbers = free.filter(
    i =>
      share(i, isNumeric) > 0.5 &&
      !notTemperature.test(head[i] ?? '') &&
      !isDeviceHead(head[i] ?? ''),
  )
  const named = numbers.filter(i => isTemperatureHead(head[i] ?? ''))
  const device = free.find(i => isDeviceHead(head[i] ?? '') && !named.includes(i)) ?? null
  return { time, head, device, temperatures: named.length > 0 ? named : unnamed(numbers, sample) }
}

/** Columns without a telling name: what counts up by one is a number of the row, not a temperature. */
function unnamed(numbers: readonly number[], sample: readonly LoggerRow[]): number[] {
  const counts = (i: number) =>
    sample.length > 2 &&
    sample.every((r, n) => n === 0 || Number(r.cells[i]) === Number(sample[n - 1]!.cells[i]) + 1)
  return numbers.filter(i => !counts(i))
}
