import type { HandAmount } from '../planning/reckoning/handAmount'
import type { MeasureSystem } from '../units/kitchenMeasures'
import { handText } from './handText'

/** Something that is fetched before a round starts. */
export interface Thing {
  /** The same for the same thing, whoever asks for it. */
  id: string
  /** What it is; an amount may stand before it. */
  what: string
  amount: HandAmount | null
  /** What several stops ask of it is added up, or the largest of it does for all. */
  take: 'sum' | 'largest'
}

export const oneOf = (id: string, what: string): Thing => ({ id, what, amount: null, take: 'sum' })
export const some = (what: string, value: number, unit: HandAmount['unit']): Thing => ({
  id: `${what} ${unit}`,
  what,
  amount: { value, unit },
  take: 'sum',
})
/** Cups for what is drawn, one for each who gets of it. */
export const cups = (n: number): Thing[] =>
  n > 0 ? [{ id: 'cup', what: 'cup', amount: { value: n, unit: 'each' }, take: 'sum' }] : []

/** Up to here a syringe measures, from there on a jug, mL. */
const SYRINGE_ML = 60
/** What measures so many mL. */
export const measureFor = (ml: number): Thing => {
  const small = ml <= SYRINGE_ML
  return {
    id: small ? 'syringe' : 'jug',
    what: small ? 'pipette or syringe, up to' : 'measuring jug, up to',
    amount: { value: ml, unit: 'mL' },
    take: 'largest',
  }
}

/** "35 mL aged water", "3 cups", "measuring jug, up to 1.2 L". */
export function thingText({ what, amount, take }: Thing, measures: MeasureSystem): string {
  if (!amount) return what
  const text = handText(amount, measures)
  if (amount.unit === 'each') return `${text} ${amount.value === 1 ? what : `${what}s`}`
  return take === 'largest' ? `${what} ${text}` : `${text} ${what}`
}
