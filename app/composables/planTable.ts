import type { RoundLine } from '@renatus/core/round/roundLines'

/** Lines of a round as CSV: one header, one line each, decimal points, UTF-8. */
export async function planTable(lines: readonly RoundLine[]): Promise<string> {
  const { default: papa } = await import('papaparse')
  return papa.unparse(
    lines.map(l => ({
      place: l.place,
      subject: l.subject,
      verb: l.verb,
      amount: l.amount ?? '',
      unit: l.unit,
      text: l.text,
      why: l.why,
      cautions: l.cautions.join(' '),
      minutes: l.minutes,
    })),
    { newline: '\r\n', escapeFormulae: true },
  )
}
