/** Order of two texts or two numbers, for `sort`: the smaller first. Chain with `||` for further keys. */
export function compare<T extends string | number>(a: T, b: T): number {
  if (a < b) return -1
  return a > b ? 1 : 0
}
