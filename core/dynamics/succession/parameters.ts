/** Numbers of a jar in which bacteria bloom on plant matter and ciliates eat them. mg dry mass per litre, days, at 22 C; all rates x 2^((T - 22)/10), those of ciliates by a Q10 of their own. */
export interface SuccessionParams {
  /** Break-down of matter, 1/d. */
  hydrolysis: number
  /** Growth of bacteria: maximum, half-saturation, yield. */
  mu: number
  ks: number
  yield: number
  /** Grazing by ciliates: maximum, half-saturation, and what becomes ciliate. */
  graze: number
  kb: number
  growthShare: number
  deathB: number
  deathC: number
  /** Of the bacteria that die, the share that is matter again. */
  recycled: number
  /** Q10 of the ciliates: they feel the cold more than what they eat. */
  qCiliates: number
  /** Start values, mg/L; matter per gram of plant dry matter. */
  matterPerG: number
  s0: number
  b0: number
  c0: number
  /** Loss of ciliates to grazers of a good inoculum, 1/d, and the chance of a bad one. */
  loss: number
  failure: number
  /** 1 where raw matter rots and smells. */
  foul: number
  dryUg: number
  tMax: number
}
/** Loss of a bad inoculum lies between these, 1/d. */
export const BAD_LOSS = [0.8, 2] as const
/** Least matter that ever makes a jar ready, g/L. */
export const LEAST_MATTER = 0.3
export const READY = { bacteria: 15, ciliates: 4 } as const
