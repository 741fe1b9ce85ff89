import { numberText } from '@renatus/core/units/numberText'

/** Sentences of the Round. */
export const plural = (n: number, one: string, many = `${one}s`) =>
  `${numberText(n)} ${n === 1 ? one : many}`

export function roundLead(stops: number, minutes: number, early: boolean): string {
  if (stops === 0) return 'Nothing is due.'
  return `${plural(stops, 'stop')}, about ${plural(Math.ceil(minutes), 'minute')}. ${early ? 'Not due yet; you may begin.' : 'Food first, tanks last.'}`
}

/** After rounds without a meal: what is fed now, and where nothing can be. */
export const NOT_MADE_UP_FOR =
  'Nothing is made up for: fry are fed for now, not for yesterday. Look at the bellies, siphon what died, and go on below.'
export const STILL_NOTHING =
  'Nothing stands ready now either: the stop below says what can be here the soonest. Look at the bellies, and siphon what died.'
