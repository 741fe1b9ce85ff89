import type { Instant } from '../time/localDate'

/** What a thermometer showed, degrees C. */
export interface Reading {
  at: Instant
  c: number
}

/** Outside of this no thermometer stands in anything that lives: what broken probes send is left out, °C. */
export const BELIEVED_C = { from: -30, to: 70 } as const
export const isBelieved = (c: number) =>
  Number.isFinite(c) && c >= BELIEVED_C.from && c <= BELIEVED_C.to

/** From one look to the next water does not change by more, °C: a point is missing, or the thermometer is another. */
const JUMP_C = 12
export const isJump = (c: number, before: number | null): boolean =>
  before !== null && Math.abs(c - before) > JUMP_C

const ABSOLUTE = { F: { scale: 5 / 9, zero: 32 }, C: { scale: 1, zero: 0 } } as const
export type ThermometerUnit = keyof typeof ABSOLUTE
/** A reading of a thermometer of either kind in degrees C. */
export const toCelsius = (value: number, unit: ThermometerUnit) =>
  (value - ABSOLUTE[unit].zero) * ABSOLUTE[unit].scale
