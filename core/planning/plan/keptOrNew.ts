import type { StartOn } from './problem'

/** What matters of a plan to whoever works by it: days of food that lack, days of doubt, and what it costs in all. */
export interface Quality {
  shortage: number
  doubt: number
  cost: number
}
/** Brood-days that a plan may be worse by, and share of its cost, before it is worth while to move from it. */
const STAYS = { shortage: 0.1, doubt: 0.5, doubtShare: 0.15, cost: 5, costShare: 0.05 } as const
/** What a brood-day of doubt less is worth, as cost: about a hundredth of a day without food (working estimate). */
const SURER = 10

export const asGood = (kept: Quality, other: Quality): boolean =>
  kept.shortage <= other.shortage + STAYS.shortage &&
  kept.doubt <= other.doubt * (1 + STAYS.doubtShare) + STAYS.doubt &&
  kept.cost <=
    other.cost +
      STAYS.cost +
      STAYS.costShare * Math.abs(other.cost) +
      SURER * Math.max(0, other.doubt - kept.doubt)

/** One line for a day and a way. */
export const joinStarts = (list: readonly StartOn[]): StartOn[] => {
  const found = new Map<string, StartOn>()
  for (const s of list)
    found.set(`${s.startable}\n${s.day}`, {
      ...s,
      vessels: Math.max(s.vessels, found.get(`${s.startable}\n${s.day}`)?.vessels ?? 0),
    })
  return [...found.values()]
}

const keyOf = (s: StartOn) => `${s.startable}\n${s.day}\n${s.vessels}`
/** Whether two plans start the same. */
export const sameStarts = (a: readonly StartOn[], b: readonly StartOn[]): boolean => {
  const keys = new Set(a.map(keyOf))
  return a.length === b.length && b.every(s => keys.has(keyOf(s)))
}

type WayBack = (now: readonly StartOn[]) => StartOn[]

/** Lines of some foods as they are kept, the others as they are. */
const foodsBack =
  (begun: readonly StartOn[], isOf: (s: StartOn) => boolean): WayBack =>
  now => [...now.filter(s => !isOf(s)), ...begun.filter(isOf)]

/** One line as it is kept, in the place of the nearest of its kind that stands on the day of no other kept one. */
const lineBack =
  (begun: readonly StartOn[], line: StartOn): WayBack =>
  now => {
    if (now.some(s => keyOf(s) === keyOf(line))) return [...now]
    const others = begun.filter(b => b.startable === line.startable && b.day !== line.day)
    const [instead] = now
      .filter(s => s.startable === line.startable && !others.some(b => b.day === s.day))
      .sort((a, b) => Math.abs(a.day - line.day) - Math.abs(b.day - line.day))
    return instead ? [...now.filter(s => s !== instead), line] : [...now]
  }

/**
 * Steps from a new plan back towards the kept one, the longest first: each food that it starts otherwise as it is kept,
 * then each line.
 */
export function waysBack(
  begun: readonly StartOn[],
  fresh: readonly StartOn[],
  foodOf: (s: StartOn) => string,
): WayBack[] {
  const foods = [...new Set([...begun, ...fresh].map(foodOf))]
  return [
    ...foods.map(food => foodsBack(begun, s => foodOf(s) === food)),
    ...begun.map(line => lineBack(begun, line)),
  ]
}
