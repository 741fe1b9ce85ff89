import { edible } from '../fry/edibles'
import type { Reckoning } from '../planning/reckoning/reckon'
import type { RoomState } from '../stock/roomState'
import type { RoundOccurrence } from '../time/rounds'
import { animalsText } from '../units/countable'
import { formatGrams } from '../units/format'
import { foodInSentence } from './handText'

/** What a coming round will hold, line by line. */
export interface ComingLines {
  round: RoundOccurrence
  lines: { key: string; verb: string; text: string }[]
}

const plural = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`

/** Tanks by the food they will be given: "2 tanks with moina". */
function mealLines(r: Reckoning, key: string): ComingLines['lines'] {
  const coming = r.coming.find(c => c.round.key === key)
  if (!coming) return []
  const foods = [...new Set(coming.meals.map(m => m.foodId))]
  const fed = foods.map(id => {
    const food = edible(id)
    const tanks = new Set(coming.meals.filter(m => m.foodId === id).map(m => m.tankId)).size
    const text = `${plural(tanks, 'tank')} with ${food ? foodInSentence(food) : id}`
    return { key: `m${key}${id}`, verb: 'Feed', text }
  })
  return fed
}

/** Coming rounds that hold something: hatches, harvests, meals, and whom nothing stands ready for. */
export function comingLines(r: Reckoning, state: RoomState): ComingLines[] {
  return r.rounds.slice(1).flatMap((round): ComingLines[] => {
    const pulls = r.hatch.pulls
      .filter(p => p.round.key === round.key)
      .map(p => ({
        key: `p${p.hatch.id}${p.pullNo}`,
        verb: 'Harvest',
        text: `${p.hatch.name}, about ${animalsText(p.nauplii, 'nauplii')}`,
      }))
    const starts = r.hatch.hatches
      .filter(h => h.startRound.key === round.key)
      .map(h => ({
        key: h.key,
        verb: 'Start',
        text: `${h.vessel.name} with ${formatGrams(h.cystsG)} cysts`,
      }))
    const planned = r.hatch.hatches.flatMap(h =>
      h.pulls
        .filter(p => p.at === round.at)
        .map(p => ({
          key: `${h.key}${p.at}`,
          verb: 'Harvest',
          text: `${h.vessel.name}, about ${animalsText(p.nauplii, 'nauplii')}`,
        })),
    )
    const without = r.coming.find(c => c.round.key === round.key)?.without ?? []
    const names = without.map(id => state.tanks.find(t => t.id === id)?.name ?? 'a tank')
    const gaps =
      names.length > 0
        ? [{ key: `g${round.key}`, verb: 'Nothing ready', text: `for ${names.join(', ')}` }]
        : []
    const lines = [...pulls, ...planned, ...starts, ...mealLines(r, round.key), ...gaps]
    return lines.length > 0 ? [{ round, lines }] : []
  })
}
