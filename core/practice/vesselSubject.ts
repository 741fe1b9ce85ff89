import type { Subject } from '../estimation/subject'
import type { GameVessel } from './game'

const SEED = 17

/** The same school with nothing done by itself: all that is done in an exercise is decided. */
export function vesselSubject({
  usual: { food, method, litres },
  temperatureC,
}: Pick<GameVessel, 'usual' | 'temperatureC'>): Subject {
  return {
    food,
    method: { ...method, upkeep: [] },
    setup: { volumeL: litres },
    temperatureC,
    seed: SEED,
  }
}
