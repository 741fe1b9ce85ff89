/** Numbers of animals that filter suspended food. mg dry mass per litre, days. */
export interface ConsumerParams {
  iMax: number
  kf: number
  /** Respiration and death at the reference temperature, 1/d. */
  rho: number
  q10: number
  tRef: number
  tCap: number
  tMax: number
  /** Mean dry mass of an animal, mg. */
  dryMg: number
  /** Density at which it endangers itself, and from which it may be harvested, per L. */
  limit: number
  readyAt: number
  /** Animals per litre of a usual start. */
  n0: number
  /** Of the food: assimilation, settling and rotting, 1/d. */
  assimilation: number
  settling: number
  rotting: number
  /** F + D beyond which it turns, mg/L; what lives does not rot. */
  overfed: number
  /** "Just cloudy", and the level below which it has cleared, mg/L. */
  dose: number
  clear: number
  /** How risky the school is against aged water and a mixed food: factor on its hazard. */
  risk: number
  /** Loss of ammonia in an aged vessel, 1/d, and the share of bad water in a change. */
  tanLoss: number
  badWater: number
  /** Grades by which the strain is redder than others. */
  red: number
}
