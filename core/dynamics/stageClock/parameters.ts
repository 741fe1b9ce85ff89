/** Numbers of insects that grow by degree-days (rate literature incl. Rueda et al. 1990). */
export interface StageClockParams {
  baseC: number
  maxC: number
  /** Degree-days: first evening to hatch; hatch to end of instars 1, 2, 3; to the first pupa; mean pupation. */
  hatch: number
  instar1: number
  instar2: number
  instar3: number
  advisedLast: number
  firstPupa: number
  meanPupa: number
  /** Larvae per litre from the rafts of the first evenings, and death a day. */
  perLitre: number
  deathPerDay: number
  failure: number
  /** Dry mass at the end of instars 1, 2, 3, ug. */
  dry1: number
  dry2: number
  dry3: number
}
