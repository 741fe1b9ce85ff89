import type { LotKeep } from '@renatus/core/records/vocabulary'
import type { LotInUse } from '@renatus/core/stock/lotInUse'
import { daysBetween, type LocalDate } from '@renatus/core/time/localDate'
import { formatGrams } from '@renatus/core/units/format'
import { plural } from './round'

export const LOT_KEEP_WORDS: Record<LotKeep, string> = {
  freezer: 'in the freezer',
  fridge: 'cool and dry',
  room: 'at room temperature',
  humid: 'where it is damp',
}

const DAYS_A_MONTH = 30.4
const percent = (x: number) => `${Math.round(x * 100)} %`

function openFor(days: number): string {
  if (days === 0) return 'opened today'
  const since = days < 60 ? plural(days, 'day') : plural(Math.round(days / DAYS_A_MONTH), 'month')
  return `open for ${since}`
}

/** "12 g of it in a box, in the freezer". */
export const boxWords = ({ state }: LotInUse): string =>
  state.box
    ? `, ${formatGrams(state.box.grams)} of it in a box ${LOT_KEEP_WORDS[state.box.kept]}`
    : ''

/** "hatches 75 %: 80 % says the tin, open for 3 months, cool and dry". */
export function lotHatchWords({ lot, state }: LotInUse, today: LocalDate): string {
  const hatches = `hatches ${percent(state.hatch)}`
  if (state.counts > 0)
    return `${hatches} (${percent(state.hatchLow)} to ${percent(state.hatchHigh)}, from ${plural(state.counts, 'counted bottle')})`
  if (state.openedOn === null) return `${hatches} says the tin, which is sealed`
  const open = `${openFor(Math.max(0, daysBetween(state.openedOn, today)))}, ${LOT_KEEP_WORDS[lot.kept]}`
  return percent(state.hatch) === percent(lot.hatch)
    ? `${hatches} says the tin, ${open}`
    : `${hatches}: ${percent(lot.hatch)} says the tin, ${open}`
}
