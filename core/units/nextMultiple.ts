/** Without the dust of binary fractions. */
export const tidy = (value: number) => Number(value.toPrecision(12))

/** The next multiple of a step above or below a value; never below nothing. */
export function nextMultiple(step: number, value: number, way: 1 | -1): number {
  const marks = tidy(value / step)
  return tidy(Math.max(0, (way === 1 ? Math.floor(marks) + 1 : Math.ceil(marks) - 1) * step))
}
