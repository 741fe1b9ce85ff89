import type { Grades } from './contents'

/** A hatch vessel by the share that has hatched, as its model looks: brown cysts turn to orange nauplii. */
export const hatchLook = (hatched: number): Grades => ({
  tint: 3 * hatched,
  movers: 3 * hatched,
  sediment: 1.5 * (1 - hatched),
})
