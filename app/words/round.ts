import { numberText } from '@renatus/core/units/numberText'

/** Sentences of the Round. */
export const plural = (n: number, one: string, many = `${one}s`) =>
  `${numberText(n)} ${n === 1 ? one : many}`

export function roundLead(stops: number, minutes: number, early: boolean): string {
  if (stops === 0) return 'Nothing is due.'
  return `${plural(stops, 'stop')}, about ${plural(Math.ceil(minutes), 'minute')}. ${early ? 'Not due yet; you may begin.' : 'Food first, tanks last.'}`
}
