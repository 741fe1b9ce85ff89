/**
 * Cardinal temperature model with inflection, 0 to 1 (Rosso et al. 1993): 0 outside Tmin..Tmax, 1 at Topt.
 * Valid only for Topt > (Tmin + Tmax) / 2; parameter schemas check it.
 */
export function ctmi(t: number, tMin: number, tOpt: number, tMax: number): number {
  if (t <= tMin || t >= tMax) return 0
  const over = (t - tMax) * (t - tMin) ** 2
  const under = (tOpt - tMin) * ((tOpt - tMin) * (t - tOpt) - (tOpt - tMax) * (tOpt + tMin - 2 * t))
  return Math.max(0, over / under)
}
