import { toInstant } from '../time/localDate'
import { isTime, loggerColumns, timeText, type LoggerColumns } from './loggerColumns'
import {
  decimalOf,
  median,
  numberOf,
  orderOf,
  stepsOf,
  unitNamed,
  type LoggerSteps,
} from './loggerGuess'
import { loggerTable, type LoggerRow } from './loggerTable'
import {
  epochMs,
  instantsAt,
  wallTime,
  writtenTime,
  type DateOrder,
  type WrittenTime,
} from './loggerTime'
import { isBelieved, toCelsius, type Reading, type ThermometerUnit } from './reading'

/** A larger file is not read: a year of a minute's readings is below, characters. */
export const LOGGER_FILE_MOST = 24_000_000
/** Rows by which the decimal sign is known. */
const TRIED = 200
/** Water in a fishroom is colder in degrees C, and warmer in degrees F. */
const WARMER_IS_F = 45
export interface LoggerHints {
  order?: DateOrder
  unit?: ThermometerUnit
  decimal?: '.' | ','
  /** Head of the column that is wanted, where there is more than one. */
  column?: string
  /** The device that is wanted, where there is more than one. */
  device?: string
}

/** What was taken for granted, so that a person can look at it and say otherwise. */
export interface LoggerGuess extends LoggerSteps {
  separator: string
  order: DateOrder | 'epoch' | null
  /** Other orders would do as well. */
  orderDoubtful: boolean
  unit: ThermometerUnit
  /** The file names it. */
  unitNamed: boolean
  decimal: '.' | ','
  /** Columns that hold temperatures, and the one that was read. */
  columns: string[]
  column: string | null
  /** Devices that the file names, and the one that was read. */
  devices: string[]
  device: string | null
  /** Why nothing could be read; null where something was. */
  problem: 'empty' | 'too-long' | 'no-time' | 'no-temperature' | null
}

export interface LoggerFile {
  readings: Reading[]
  guessed: LoggerGuess
  /** Lines that gave no reading, and why. */
  skipped: { line: number; why: string }[]
}

const nothing = (problem: LoggerGuess['problem'], separator = ''): LoggerFile => ({
  readings: [],
  skipped: [],
  guessed: {
    separator,
    problem,
    order: null,
    orderDoubtful: false,
    unit: 'C',
    unitNamed: false,
    decimal: '.',
    columns: [],
    column: null,
    devices: [],
    device: null,
    everyMinutes: null,
    gaps: [],
  },
})

const NO_TIME = 'no time can be read in it'
const TWICE = 'the same time stands above'
const NO_NUMBER = 'no temperature can be read in it'
const SKIPPED_HOUR =
  'no clock showed this here: the hour is left out in spring. Does the logger keep summer time?'

/** How the cells of a file are to be read. */
interface Reader extends Pick<LoggerGuess, 'decimal' | 'unit' | 'device'> {
  columns: LoggerColumns
  /** Column that is read. */
  chosen: number
  order: DateOrder
  timeZone: string
}

const deviceOf = (row: LoggerRow, { device }: LoggerColumns) =>
  device === null ? '' : (row.cells[device] ?? '').trim()

/** The newest stands first. */
function goesDown(times: readonly (WrittenTime | null)[], order: DateOrder): boolean {
  const walls = times.flatMap(t => (t && wallTime(t, order)) ?? [])
  return walls.length > 1 && walls.at(-1)! < walls[0]!
}

/** ms since 1970, or why there is none. */
function instantOfRow(text: string, { order, timeZone }: Reader, before: number): number | string {
  const time = writtenTime(text)
  if (!time) return epochMs(text) ?? NO_TIME
  const wall = wallTime(time, order)
  if (wall === null) return `there is no such day: ${text}`
  if (time.aheadMs !== null) return wall - time.aheadMs
  const instants = instantsAt(wall, timeZone)
  if (instants.length === 0) return SKIPPED_HOUR
  return instants.find(ms => ms > before) ?? instants[0]!
}

/** The reading of a row, or why there is none. */
function readingOf(row: LoggerRow, reader: Reader, before: number): Reading | string {
  const { columns, chosen, decimal, unit, device } = reader
  const of = deviceOf(row, columns)
  if (device !== null && of !== device) return `of another device: ${of || 'it names none'}`
  const ms = instantOfRow(timeText(row, columns.time), reader, before)
  if (typeof ms === 'string') return ms
  const cell = (row.cells[chosen] ?? '').trim()
  const c = toCelsius(numberOf(cell, decimal), unit)
  if (Number.isNaN(c)) return NO_NUMBER
  return isBelieved(c) ? { at: toInstant(ms), c } : `${cell} is no temperature of a room`
}

function readRows(
  body: readonly LoggerRow[],
  reader: Reader,
): Pick<LoggerFile, 'readings' | 'skipped'> {
  const readings: Reading[] = []
  const skipped: LoggerFile['skipped'] = []
  const seen = new Set<string>()
  let before = -Infinity
  for (const row of body) {
    const found = readingOf(row, reader, before)
    if (typeof found === 'string') skipped.push({ line: row.line, why: found })
    else if (seen.has(found.at)) skipped.push({ line: row.line, why: TWICE })
    else {
      seen.add(found.at)
      readings.push(found)
      before = Date.parse(found.at)
    }
  }
  return { skipped, readings: readings.sort((a, b) => (a.at < b.at ? -1 : 1)) }
}

/** Columns, devices, order, unit and decimal sign of a file, by its hints or by what it looks like. */
function guessOf(
  body: readonly LoggerRow[],
  columns: LoggerColumns,
  separator: string,
  hints: LoggerHints,
): { chosen: number; guessed: Omit<LoggerGuess, keyof LoggerSteps | 'problem'> } {
  const nameOf = (i: number) => columns.head[i] || `column ${i + 1}`
  const names = columns.temperatures.map(nameOf)
  const chosen = columns.temperatures[Math.max(0, names.indexOf(hints.column ?? ''))]!
  const devices = [...new Set(body.map(r => deviceOf(r, columns)))].filter(d => d !== '')
  const cells = body.map(r => r.cells[chosen] ?? '')
  const decimal = hints.decimal ?? decimalOf(cells.slice(0, TRIED), separator)
  const named = unitNamed([nameOf(chosen), ...cells.slice(0, 1)])
  const middle = median(cells.map(c => numberOf(c, decimal)).filter(Number.isFinite)) ?? 0
  const times = body.map(r => writtenTime(timeText(r, columns.time))).filter(t => t !== null)
  const order = orderOf(times)
  const written = times.length > 0
  return {
    chosen,
    guessed: {
      separator,
      decimal,
      unit: hints.unit ?? named ?? (middle > WARMER_IS_F ? 'F' : 'C'),
      unitNamed: named !== null,
      order: written ? (hints.order ?? order.order) : 'epoch',
      orderDoubtful: written && !hints.order && order.doubtful,
      columns: names,
      column: nameOf(chosen),
      devices,
      device: devices.includes(hints.device ?? '') ? hints.device! : (devices[0] ?? null),
    },
  }
}

/**
 * Reads what a temperature logger wrote: any separator, decimal comma or point, date and clock in one cell or two. What the file does not say
 * is guessed and told. A time of the hour that autumn repeats is the one that goes on from the line before.
 * @param timeZone of the logger's clock, where the file names no offset
 * @returns readings in order of time, each instant once
 */
export function loggerFile(text: string, timeZone: string, hints: LoggerHints = {}): LoggerFile {
  if (text.length > LOGGER_FILE_MOST) return nothing('too-long')
  if (text.trim() === '') return nothing('empty')
  const { separator, rows } = loggerTable(text)
  const columns = loggerColumns(rows)
  if (!columns) return nothing('no-time', separator)
  if (columns.temperatures.length === 0) return nothing('no-temperature', separator)
  const timed = (r: LoggerRow) => isTime(timeText(r, columns.time))
  const body = rows.filter(timed)
  // A heading may look like a time where no line below it has one.
  if (body.length === 0) return nothing('no-time', separator)
  const { chosen, guessed } = guessOf(body, columns, separator, hints)
  const order = guessed.order === 'epoch' || guessed.order === null ? 'ymd' : guessed.order
  const times = body.map(r => writtenTime(timeText(r, columns.time)))
  const upward = goesDown(times, order) ? body.toReversed() : body
  const { readings, skipped } = readRows(upward, { ...guessed, columns, chosen, order, timeZone })
  const untimed = rows
    .filter(r => r.line > body[0]!.line && !timed(r))
    .map(r => ({ line: r.line, why: NO_TIME }))
  return {
    readings,
    skipped: [...skipped, ...untimed].sort((a, b) => a.line - b.line),
    guessed: {
      ...guessed,
      ...stepsOf(readings),
      problem: readings.length === 0 ? 'no-temperature' : null,
    },
  }
}
