/** Rounds to a number of significant digits; 0, NaN and infinities pass through. */
export function significant(value: number, digits: number): number {
  return value === 0 || !Number.isFinite(value) ? value : Number(value.toPrecision(digits))
}
