import papa from 'papaparse'

/** Separators that loggers use, the likeliest first. */
const SEPARATORS = [';', '\t', '|', ','] as const
/** Lines by which the separator is guessed. */
const TRIED = 60

export interface LoggerRow {
  /** In the file, from 1. */
  line: number
  cells: string[]
}

const numeric = /^\s*[-+]?\d+([.,]\d+)?\s*(°?\s*[CF])?\s*$/i

/** The separator that cuts most lines into the same number of cells, more than one. */
function separatorOf(lines: readonly string[]): string {
  const score = (separator: string) => {
    const counts = new Map<number, number>()
    for (const line of lines) {
      const cells = line.split(separator).length
      if (cells > 1) counts.set(cells, (counts.get(cells) ?? 0) + 1)
    }
    return Math.max(0, ...counts.values())
  }
  return SEPARATORS.reduce<string>((a, b) => (score(b) > score(a) ? b : a), SEPARATORS[0])
}

/**
 * A comma that is both separator and decimal comma cuts a number in two: the head of the table says how many cells there should be.
 */
function rejoined(cells: string[], wanted: number): string[] {
  if (cells.length <= wanted) return cells
  const tail = cells.slice(-2)
  const cut = tail.every(c => /^\s*[-+]?\d+\s*$/.test(c)) && !/^\s*[-+]/.test(tail[1]!)
  return cut ? [...cells.slice(0, -2), tail.map(c => c.trim()).join(',')] : cells
}

/** The text of a table in rows, whatever separates its cells; empty lines are left out. */
export function loggerTable(text: string): { separator: string; rows: LoggerRow[] } {
  const clean = text.replace(/^\uFEFF/, '')
  const lines = clean.split(/\r\n|\r|\n/)
  const separator = separatorOf(lines.filter(l => l.trim() !== '').slice(0, TRIED))
  const head = lines.find(l => l.includes(separator) && !l.split(separator).some(c => /\d/.test(c)))
  const wanted = separator === ',' && head ? head.split(',').length : Infinity
  const parsed = papa.parse<string[]>(clean, { delimiter: separator, skipEmptyLines: false })
  const rows = parsed.data.map((cells, i) => ({ line: i + 1, cells: rejoined(cells, wanted) }))
  return { separator, rows: rows.filter(r => r.cells.some(c => c.trim() !== '')) }
}

/** A cell that is a number, with or without the sign of its unit. */
export const isNumeric = (cell: string) => numeric.test(cell)
