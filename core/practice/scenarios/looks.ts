import type { LookScenario } from '../scenario'

/** Single looks: what stage is it, may it be fed? */
export const looks: readonly LookScenario[] = [
  {
    id: 'milky-or-clear',
    kind: 'look',
    name: 'Milky or clear',
    foods: ['infusoria'],
    goal: 'Ten jars named rightly.',
    teaches: 'The milky water is bacteria: the food comes after it has cleared.',
    looks: 10,
    vessels: [
      { foodId: 'infusoria', methodId: 'scalded-leaf', temperatureC: 22 },
      { foodId: 'infusoria', methodId: 'mulm', temperatureC: 20 },
    ],
    between: [1, 18],
    troubled: 0.2,
  },
  {
    id: 'bucket-or-crash',
    kind: 'look',
    name: 'A bucket that tires',
    foods: ['moina', 'daphnia-pulex'],
    goal: 'Ten buckets named rightly.',
    teaches: 'A bucket at its limit looks best the day before it crashes.',
    looks: 10,
    vessels: [
      { foodId: 'moina', methodId: 'yeast-and-spirulina', temperatureC: 24 },
      { foodId: 'daphnia-pulex', methodId: 'green-water', temperatureC: 19 },
    ],
    between: [2, 35],
    troubled: 0.3,
  },
  {
    id: 'worms-on-the-wall',
    kind: 'look',
    name: 'Worms on the wall',
    foods: ['microworm', 'banana-worm'],
    goal: 'Ten boxes named rightly.',
    teaches: 'Climbing says ready; smell and a wet film say that it is over.',
    looks: 10,
    vessels: [
      { foodId: 'microworm', methodId: 'oats', temperatureC: 22 },
      { foodId: 'banana-worm', methodId: 'bread', temperatureC: 24 },
    ],
    between: [1, 30],
    troubled: 0.25,
  },
  {
    id: 'pull-or-wait',
    kind: 'look',
    name: 'Pull or wait',
    foods: ['brine-shrimp'],
    goal: 'Ten bottles named rightly.',
    teaches:
      'Brown and full of cysts: wait. Orange and moving: pull. A smell: it was left too long.',
    looks: 10,
    vessels: [
      { foodId: 'brine-shrimp', methodId: 'one-pull', temperatureC: 25 },
      { foodId: 'brine-shrimp', methodId: 'one-pull', temperatureC: 28 },
    ],
    between: [1, 3],
    troubled: 0.15,
  },
  {
    id: 'green-enough',
    kind: 'look',
    name: 'Green enough',
    foods: ['green-water', 'marine-phytoplankton'],
    goal: 'Ten jars named rightly.',
    teaches: 'Straw, pea, bottle: the shade says whether to draw, to wait or to thin.',
    looks: 10,
    vessels: [
      { foodId: 'green-water', methodId: 'jar', temperatureC: 22 },
      { foodId: 'marine-phytoplankton', methodId: 'ten-days', temperatureC: 21 },
    ],
    between: [1, 25],
    troubled: 0.2,
  },
]
