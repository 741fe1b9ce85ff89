import type { WhatIf } from '@renatus/core/planning/plan/whatIf'
import { plural } from './round'

interface Names {
  /** Of a brood, a culture or a hatch vessel. */
  name: (id: string) => string
  date: (day: string) => string
  /** A difference of temperature in the room's own degrees, without a sign. */
  degrees: (kelvin: number) => string
}

const timesText = (factor: number) =>
  factor === 2 ? 'twice' : `${Number(factor.toFixed(2))} times`

/** What was asked, each part for itself: "Loft angels swim free 4 days earlier". */
export function whatIfWords(w: WhatIf, { name, date, degrees }: Names): string[] {
  const shifts = Object.entries(w.shift).filter(([, d]) => d !== 0)
  const fry = Object.entries(w.fry).filter(([, f]) => f !== 1)
  return [
    ...shifts.map(
      ([id, d]) =>
        `${name(id)} swims free ${plural(Math.abs(d), 'day')} ${d < 0 ? 'earlier' : 'later'}`,
    ),
    ...fry.map(([id, f]) => `${name(id)} has ${timesText(f)} as many fry`),
    ...(w.warmerC === 0
      ? []
      : [`the room is ${degrees(w.warmerC)} ${w.warmerC < 0 ? 'cooler' : 'warmer'}`]),
    ...w.lost.map(id => `${name(id)} is lost`),
    ...(w.away
      ? [`nobody is here for ${plural(w.away.days, 'day')} from ${date(w.away.from)}`]
      : []),
    ...(w.minutes === 1 ? [] : [`rounds have ${minutesText(w.minutes)} their minutes`]),
  ]
}

function minutesText(factor: number): string {
  if (factor === 0.5) return 'half'
  return factor === 0 ? 'none of' : `${timesText(factor)}`
}
