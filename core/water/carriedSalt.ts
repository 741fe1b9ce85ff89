/** Salt that goes into a tank with unrinsed nauplii: noted from so much a day, a caution from so much that stands, g/L. */
export const CARRIED_SALT = { noteGLDay: 0.1, cautionGL: 0.5 } as const

export interface CarriedSalt {
  /** Of all meals of a day, g/L of the tank. */
  perDayGL: number
  /** Where it settles against the water that is changed, g/L; Infinity where none is. */
  standingGL: number
  level: 'none' | 'note' | 'caution'
}

/**
 * Salt that brine carries into a tank: brine g/L x mL given / tank mL, over the meals of a day, against the water changed.
 * @param changePerDay share of the water that is changed a day
 */
export function carriedSalt(
  brineGL: number,
  mlADay: number,
  tankL: number,
  changePerDay: number,
): CarriedSalt {
  const perDayGL = (brineGL * mlADay) / 1000 / tankL
  const standingGL = perDayGL === 0 ? 0 : perDayGL / changePerDay
  const noted = perDayGL >= CARRIED_SALT.noteGLDay ? 'note' : 'none'
  const level = standingGL >= CARRIED_SALT.cautionGL ? 'caution' : noted
  return { perDayGL, standingGL, level }
}
