import type { StopTelling } from '../../stopKind'
import type { TankStop } from './find'
import { tankWords } from './words'

const AT_TANK = 0.5
const A_FOOD = 0.75
const A_TASK = 0.75
const A_LOOK = 0.25

export const tankTelling: StopTelling<TankStop> = {
  kind: 'tank',
  words: tankWords,
  minutes: s =>
    AT_TANK +
    A_FOOD * (s.draws.length + (s.gel ? 1 : 0) + (s.grown ? 1 : 0)) +
    A_TASK * s.tasks.length +
    A_LOOK * (s.looks.length + s.weaning.length),
}
