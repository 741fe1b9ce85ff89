import type { Reason } from '../reasons/reason'
import type { Litres } from '../units/quantity'

/** Baking soda for soft or sour water (Lavens & Sorgeloos 1996: up to 2 g/L). */
export const SODA = {
  doseGL: 0.5,
  maximumGL: 2,
  whenBelowPH: 8,
  waitMinutes: 15,
  gPerMl: 0.9,
} as const

export interface SodaAdvice {
  firstG: number
  maximumG: number
  why: Reason
}

/**
 * Soda for a bottle, or null when the water needs none.
 * @param water its pH, null when nobody has tested it, and whether it is soft
 * @param proven what brought this room's water to 8.2, g/L; the first dose where it is known
 */
export function sodaFor(
  volumeL: Litres,
  water: { pH: number | null; soft: boolean },
  proven: number = SODA.doseGL,
): SodaAdvice | null {
  const sour = water.pH !== null && water.pH < SODA.whenBelowPH
  if (!sour && !water.soft) return null
  return {
    firstG: volumeL * proven,
    maximumG: volumeL * SODA.maximumGL,
    why: {
      result: { label: 'baking soda, first dose', value: volumeL * proven, unit: 'g' },
      rule: `Add 0.5 g of soda per litre, wait ${SODA.waitMinutes} minutes, test. Again while pH is under 8, at most 2 g per litre in all.`,
      formula: 'litres * dose',
      inputs: [
        {
          key: 'litres',
          label: 'water in the vessel',
          value: volumeL,
          unit: 'L',
          from: 'the vessel',
        },
        {
          key: 'dose',
          label: 'soda per litre and dose',
          value: proven,
          unit: 'g/L',
          from: 'rule',
        },
        ...(water.pH === null
          ? []
          : [{ key: 'pH', label: 'pH of your water', value: water.pH, unit: '', from: 'Setup' }]),
      ],
      source: 'Lavens & Sorgeloos 1996: pH stays at 8 or above while hatching',
    },
  }
}

/** What a tested bottle asks for next. */
export type NextSoda =
  | { kind: 'right' }
  | { kind: 'add'; g: number }
  /** All that may go in is in: other water, or other cysts' salt. */
  | { kind: 'most' }

/**
 * The next dose for a bottle whose water was tested: none from pH 8 on, never more than the most in all.
 * @param givenG soda that is in it already
 */
export function nextSoda(
  volumeL: Litres,
  pH: number,
  givenG: number,
  proven: number = SODA.doseGL,
): NextSoda {
  if (pH >= SODA.whenBelowPH) return { kind: 'right' }
  const room = volumeL * SODA.maximumGL - givenG
  const dose = givenG === 0 ? proven : SODA.doseGL
  if (room <= 0.01 * volumeL) return { kind: 'most' }
  return { kind: 'add', g: Math.min(room, volumeL * dose) }
}
