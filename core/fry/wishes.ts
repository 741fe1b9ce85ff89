/** A food the user wants given whatever the ladder says: a share of the day, between two days after free swimming. */
export interface Pin {
  food: string
  share: number
  fromDay: number
  toDay: number
}

export type School = 'ladder' | 'algae-tank' | 'powder-bridge' | 'straight-to-nauplii'

/** What the user decided about a brood's food. */
export interface Wishes {
  school: School
  forbidden: readonly string[]
  preferred: readonly string[]
  pins: readonly Pin[]
}

export const NO_WISHES: Wishes = { school: 'ladder', forbidden: [], preferred: [], pins: [] }

export interface SchoolRule {
  id: School
  name: string
  about: string
  /** Only these foods, or null for all. */
  only: readonly string[] | null
  preferred: readonly string[]
  /** Foods that the school itself brings along, whether or not the room keeps them. */
  brings: readonly string[]
  pins: readonly Pin[]
  tip: string | null
}

/** The schools of first feeding, each with its own numbers. */
export const SCHOOLS: readonly SchoolRule[] = [
  {
    id: 'ladder',
    name: 'Step by step',
    about: 'The smallest food that fits, then the next, each overlapping the one before.',
    only: null,
    preferred: [],
    brings: [],
    pins: [],
    tip: null,
  },
  {
    id: 'algae-tank',
    name: 'Green tank',
    about:
      'The fry live in green water and graze the ciliates in it; other foods join as they fit.',
    only: null,
    preferred: ['infusoria'],
    brings: ['infusoria'],
    pins: [],
    tip: 'Keep the tank green: the ciliates that live in it are the food, the algae only feed them.',
  },
  {
    id: 'powder-bridge',
    name: 'Powder as a bridge',
    about:
      'A fine first powder fills the day until nauplii fit. It fouls the water: small pinches, siphon daily.',
    only: null,
    preferred: [],
    brings: ['first-powder'],
    pins: [{ food: 'first-powder', share: 0.5, fromDay: 0, toDay: 10 }],
    tip: 'Powder in many small pinches; siphon two hours later.',
  },
  {
    id: 'straight-to-nauplii',
    name: 'Straight to nauplii',
    about:
      'Nauplii and nothing else, from the first day they fit. Days before that are gaps, and are shown as such.',
    only: ['brine-shrimp'],
    preferred: [],
    brings: ['brine-shrimp'],
    pins: [],
    tip: null,
  },
]

export const schoolOf = (id: School): SchoolRule => SCHOOLS.find(s => s.id === id)!

/** Foods left for a brood: what the room keeps and the school brings, without what is forbidden. */
export function allowedFoods(kept: readonly string[], wishes: Wishes): string[] {
  const school = schoolOf(wishes.school)
  const all = [
    ...new Set([
      ...kept,
      ...school.brings,
      ...wishes.pins.map(p => p.food),
      ...school.pins.map(p => p.food),
    ]),
  ]
  return all.filter(
    id => !wishes.forbidden.includes(id) && (school.only === null || school.only.includes(id)),
  )
}
