import type { Dose, DoseForm, DoseResult } from '@renatus/core/water/dose'

export const DOSE_FORM_WORDS: Record<DoseForm, string> = {
  powder: 'a powder',
  liquid: 'a liquid',
  tab: 'tabs',
}

/** From this error of rounding on it is told, percent. */
const TOLD_FROM = 5
const QUARTERS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' }

function amount(d: Dose): string {
  if (d.grams !== undefined) return `${d.grams} g`
  if (d.mL !== undefined) return `${d.mL} mL`
  const tabs = d.tabs ?? 0
  const whole = Math.floor(tabs)
  const part = QUARTERS[String(tabs - whole)] ?? ''
  return `${whole || ''}${part} ${tabs > 1 ? 'tabs' : 'tab'}`
}

/** "That is 1.2 g of it.", with what rounding makes of it where that matters; null while the label is not told. */
export function doseText(found: DoseResult): string | null {
  if (!found.ok) return null
  const { error } = found.dose
  const off = Math.round(Math.abs(error))
  const rounding =
    off < TOLD_FROM ? '' : `, ${off} % ${error > 0 ? 'more' : 'less'} than the card asks for`
  return `That is ${amount(found.dose)} of it${rounding}.`
}
