import type { HandScenario } from '../scenario'

/** Exercises of the hand, with known truth. */
export const hands: readonly HandScenario[] = [
  {
    id: 'count-drops',
    kind: 'hands',
    hand: 'drops',
    rounds: 5,
    name: 'Counting drops',
    foods: ['brine-shrimp', 'rotifer'],
    goal: 'Within a fifth of what is there.',
    teaches: 'One drop tells little: the error falls with the animals that were counted.',
  },
  {
    id: 'salt-by-eye',
    kind: 'hands',
    hand: 'salt',
    rounds: 5,
    name: 'Salt by the spoon',
    foods: ['brine-shrimp'],
    goal: 'Within a tenth of the salt that is wanted.',
    teaches: 'Coarse salt is half air: a spoon of it is no spoon of fine.',
  },
  {
    id: 'gel-tray',
    kind: 'hands',
    hand: 'tray',
    rounds: 5,
    name: 'Filling a tray',
    foods: ['brine-shrimp'],
    goal: 'Powder and water that fill the tray, within a twentieth.',
    teaches: 'Powder swells: water takes its volume, and some is left in the bowl.',
  },
]
