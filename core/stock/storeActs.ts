import { edible } from '../fry/edibles'
import type { Draft, RecordDraft } from '../records/draft'
import type { RoomState } from './roomState'

/** A tin, bag or box of a food that does not grow stands in the room from now on; nobody has measured it. */
export function storeStands(foodId: string, storeId: string): Draft {
  const food = edible(foodId)
  const cubes = food?.portion?.unit === 'cube'
  return {
    kind: 'store.filled',
    subject: { type: 'store', id: storeId },
    data: {
      storeId,
      name: food?.name ?? foodId,
      foodId,
      keep: cubes ? 'freezer' : 'dry',
      unit: cubes ? 'cube' : 'g',
      amount: null,
      organisms: null,
      energy: 1,
      fromId: null,
      useBy: null,
    },
  }
}

/** What stands or grows here is offered: the record of the room with these foods; none where it has them. */
export function keepingFoods(
  { room }: Pick<RoomState, 'room'>,
  more: readonly string[],
): RecordDraft[] {
  const foods = [...new Set([...room.foods, ...more])]
  return foods.length > room.foods.length ? [{ ...room, foods }] : []
}
