import { edible } from '../fry/edibles'
import type { Draft } from '../records/draft'

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
