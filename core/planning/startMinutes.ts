const PER_STEP = 3
/** A second vessel of the same takes half the time. */
const NEXT_VESSEL = 0.5

/** Minutes of starting vessels of one food, by the steps of its card (working estimate of a practised person). */
export const startMinutes = (steps: number, vessels: number): number =>
  Math.round(PER_STEP * (steps + 1) * (1 + NEXT_VESSEL * (vessels - 1)))
