/** Numbers of algae in a lit vessel. mg dry mass and mg N per litre, days, at 22 C. */
export interface PhototrophParams {
  muMax: number
  /** Half-saturations: light in umol photons m-2 s-1, nitrogen in mg/L. */
  ki: number
  kn: number
  /** mg dry mass per mg N. */
  yield: number
  /** Shading by cells, L/(mg m), and by water, 1/m. */
  k: number
  kw: number
  /** Lamp, and hours it is lit. */
  i0: number
  litH: number
  n0: number
  x0: number
  lag: number
  resp: number
  q10: number
  tOpt: number
  tMax: number
  readyAt: number
  /** Density at which it is kept when it is thinned, mg/L. */
  wanted: number
  /** Base hazard of an open or tap-water vessel, 1/d; 0.002 when sterile. */
  openHazard: number
  /** Nitrogen of the water that a change brings, against that of fresh medium: 1 is medium, 0 plain water. */
  waterN: number
  cellUg: number
}
