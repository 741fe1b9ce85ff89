/** Q10 factor up to a cap, held there, falling linearly to 0 at Tmax: rates of swimmers and algae. */
export function cappedQ10(
  t: number,
  q10: number,
  referenceC: number,
  capC: number,
  maxC: number,
): number {
  if (t >= maxC) return 0
  const held = q10 ** ((Math.min(t, capC) - referenceC) / 10)
  return t <= capC ? held : held * ((maxC - t) / (maxC - capC))
}
