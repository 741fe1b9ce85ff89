/** Numbers of a logistic population on an ageing medium. Times in days, temperatures in degC. */
export interface LogisticParams {
  rOpt: number
  tMin: number
  tOpt: number
  tMax: number
  /** Life of the medium at the reference temperature, d, and its Q10. */
  tau: number
  qT: number
  tRef: number
  lag: number
  /** Start against capacity with the usual starter. */
  x0: number
  /** Death at the reference temperature, 1/d. */
  death: number
  readyAt: number
  /** Capacity per cm2 or per mL, as `perArea` says. */
  capacity: number
  /** 1: capacity is per cm2 of surface; 0: per mL. */
  perArea: number
  qFeed: number
  dryUg: number
  /** Chance of failing before it is ready, and of a crash in a week once it runs. */
  failure: number
  crashPerWeek: number
  /** Share of the population a usual harvest reaches: 1 for a jar, 0.12 for the neck of a bottle. */
  reach: number
  /** Surface of the liquid for which the numbers hold, cm2 per L; 0 where air gets in whatever its surface. */
  surface: number
  /** Factor on growth in the days after it was stirred, cut or given air; 1 where that does nothing. */
  roused: number
}
