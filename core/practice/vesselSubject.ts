import type { Subject } from '../estimation/subject'
import type { Usual } from './usual'

const SEED = 17

/** The same school with nothing done by itself: all that is done in an exercise is decided. */
export function vesselSubject(v: { usual: Usual; temperatureC: number }): Subject {
  const { food, method, litres } = v.usual
  return {
    food,
    method: { ...method, upkeep: [] },
    setup: { volumeL: litres },
    temperatureC: v.temperatureC,
    seed: SEED,
  }
}
