/** Pins of starts along the days, in lanes so that none lies on another. */
export interface Pin {
  id: string
  day: number
  vessels: number
  kept: boolean
  done: number
}

export const PIN_PX = 48

/** Puts each pin in the first lane where there is room for it. */
export function lanes<T extends { day: number }>(
  pins: readonly T[],
  pxPerDay: number,
): (T & { lane: number })[] {
  const ends: number[] = []
  return [...pins]
    .sort((a, b) => a.day - b.day)
    .map(pin => {
      const x = pin.day * pxPerDay
      let lane = ends.findIndex(end => x >= end)
      if (lane < 0) lane = ends.length
      ends[lane] = x + PIN_PX
      return { ...pin, lane }
    })
}

/** The supply of a food when starts are moved: what each vessel gives goes with it. */
export function shiftedSupply(
  p50: readonly number[],
  profile: readonly number[],
  moves: readonly { from: number; to: number | null; vessels: number }[],
): number[] {
  const out = [...p50]
  for (const { from, to, vessels } of moves) {
    profile.forEach((g, d) => {
      if (from + d < out.length) out[from + d] = Math.max(0, out[from + d]! - g * vessels)
      if (to !== null && to + d >= 0 && to + d < out.length) out[to + d]! += g * vessels
    })
  }
  return out
}
