import { foodOf } from '../../../foods/index'
import { recipe } from '../../../foods/recipe'
import { premixedFor } from '../../../stock/fromMix'
import type { RoomState } from '../../../stock/roomState'
import { some, type Thing } from '../../thing'
import type { BeginStop } from './find'

/** What goes into the vessels, after the recipe of their school. */
export function beginFetch({ start, vessels }: BeginStop, state: RoomState): Thing[] {
  const food = foodOf(start.food)!
  const method = food.methods.find(m => m.id === start.method) ?? food.methods[0]!
  const mix = premixedFor(state.materials, method, start.litres * vessels)?.name
  const { measures } = state.room
  return recipe(food, method, start.litres, measures, undefined, mix).lines.map(l =>
    some(l.what, l.amount * vessels, l.unit),
  )
}
