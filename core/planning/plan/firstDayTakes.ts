import { NAUPLII } from '../../foods/hatchProfile'
import { wholeMeal } from '../../fry/wholeMeal'
import type { RoomState } from '../../stock/roomState'
import { mealsGiven } from '../../stock/broodLadder'
import { ladderDays } from '../ladderDays'
import { reckon } from '../reckoning/reckon'
import type { Source } from '../reckoning/source'
import type { Readings } from '../reckoning/sourcesAt'
import { wantsAt, type WantedFood } from '../reckoning/want'
import type { Take } from './takes'

/** What a plan calls a source that stands in the room. */
const kindOf = (source: Source): Take['from']['kind'] => {
  if (source.kind === 'store') return 'store'
  return source.foodId === NAUPLII ? 'hatch' : 'culture'
}

/**
 * Takes of the first day as the round draws them: at this round to the animal, at the later rounds of the day
 * by the food that is next in turn. So what the plan says of today and what the round asks are one.
 */
export function firstDayTakes(state: RoomState, readings: Readings): Take[] {
  const { round, draws, coming, sources } = reckon(state, readings)
  const day = round.date
  const perDay = mealsGiven(state.room)
  const split = (
    wanted: WantedFood,
    organisms: number,
    share: number,
    from: Take['from'],
  ): Take[] => {
    const whole = wanted.eating.map(e => wholeMeal(e, wanted.food))
    const all = whole.reduce((a, b) => a + b, 0)
    return wanted.eating.map((e, i) => ({
      day,
      brood: e.brood.id,
      food: wanted.food.id,
      organisms: (organisms * whole[i]!) / all,
      share: share / perDay,
      from,
    }))
  }
  const now = draws.flatMap(d =>
    split(d.wanted, d.organisms, d.share, { kind: kindOf(d.source), id: d.source.id }),
  )
  const later = coming
    .filter(c => c.round.date === day)
    .flatMap(c => {
      const wants = wantsAt(state, c.round, ladderDays(state, [day]))
      return c.meals.flatMap(m => {
        const wanted = wants.find(w => w.tank.id === m.tankId)?.foods.get(m.foodId)
        const source = sources.find(s => s.foodId === m.foodId && s.ready)
        const from: Take['from'] = source
          ? { kind: kindOf(source), id: source.id }
          : { kind: m.foodId === NAUPLII ? 'hatch' : 'store', id: m.foodId }
        return wanted ? split(wanted, wanted.whole, wanted.reaches, from) : []
      })
    })
  return [...now, ...later]
}
