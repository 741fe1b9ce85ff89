/** What is used of a thing by day, once so much of its like is used up before it. */
export function useAfter(use: readonly number[], before: number): number[] {
  let left = before
  return use.map(u => {
    const ofOthers = Math.min(left, u)
    left -= ofOthers
    return u - ofOthers
  })
}
