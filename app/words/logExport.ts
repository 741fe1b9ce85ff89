import type { LogLine } from '~/db/logPages'
import { KIND_NAMES } from './log'

/** A line of the log and its sentence. */
export interface SaidLine extends LogLine {
  says: string
}

/** Lines of the log as they are seen, as CSV: when, what, in words, by which device, and whether it stands. */
export async function logTable(lines: readonly SaidLine[]): Promise<string> {
  const { default: papa } = await import('papaparse')
  const rows = lines.map(({ entry, stands, says }) => ({
    at: entry.at,
    what: KIND_NAMES[entry.kind],
    says,
    by: entry.by,
    stands,
  }))
  return papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })
}
