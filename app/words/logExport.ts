import type { LogLine } from '~/db/logPages'
import { KIND_NAMES } from './log'

/** Lines of the log as they are seen, as CSV: when, what, in words, by which device, and whether it stands. */
export async function logTable(
  lines: readonly LogLine[],
  textOf: (entry: LogLine['entry']) => string,
): Promise<string> {
  const { default: papa } = await import('papaparse')
  const rows = lines.map(({ entry, stands }) => ({
    at: entry.at,
    what: KIND_NAMES[entry.kind],
    says: textOf(entry),
    by: entry.by,
    stands,
  }))
  return papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })
}
