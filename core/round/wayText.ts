import { edible } from '../fry/edibles'
import type { BenchPart } from '../planning/plan/assumedBench'
import type { FirstFoodWay } from '../planning/firstFood'
import { dayText } from '../time/dayText'
import { addDays, type LocalDate } from '../time/localDate'
import { foodInSentence } from './handText'

/** A food by its id, within a sentence. */
export function foodNamed(id: string): string {
  const food = edible(id)
  return food ? foodInSentence(food) : id
}

/** Whether something bears no name but that of its food: who hears both hears it twice. */
export const namedAsFood = (name: string, foodId: string): boolean =>
  name.toLowerCase() === foodNamed(foodId).toLowerCase()

const PARTS: Record<BenchPart, string> = {
  cysts: 'a tin of cysts',
  salt: 'salt without additives',
  vessel: 'a bottle with an air pump',
}

/** "a, b and c". */
export const listed = (all: readonly string[]): string =>
  all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`

/** What a hatch takes, within a sentence. */
export const partsText = (parts: readonly BenchPart[]): string => listed(parts.map(p => PARTS[p]))

const BEGIN: Record<FirstFoodWay['kind'], (food: string) => string> = {
  hatch: food => `hatch ${food}`,
  start: food => `start ${food}`,
  starter: food => `order a starter of ${food}`,
  buy: food => `order ${food}`,
}

/** "hatch brine shrimp nauplii (fed from Fri 27 Mar)". */
const wayText = (w: FirstFoodWay, today: LocalDate) =>
  `${BEGIN[w.kind](foodNamed(w.foodId))} (fed from ${dayText(addDays(today, w.days))})`

/** Ways to a food as a sentence of its own, the best first; empty where there is none. */
export function waysText(ways: readonly FirstFoodWay[], today: LocalDate): string {
  const all = ways.map(w => wayText(w, today)).join(', or ')
  return all ? ` ${all.replace(/^./, c => c.toUpperCase())}.` : ''
}
