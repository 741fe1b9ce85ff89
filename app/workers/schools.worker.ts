import { expose } from 'comlink'
import { foodOf } from '@renatus/core/foods/index'
import { summariseSchool, type SchoolSummary } from '@renatus/core/planning/compareSchools'

let turn = 0

/** Runs the schools of a food side by side, and hands over each as soon as it is worked out. */
const comparer = {
  /** @param onSchool called with each; a newer call stops an older one */
  async compare(
    foodId: string,
    volumeL: number,
    temperatureC: number,
    onSchool: (s: SchoolSummary) => void,
  ): Promise<void> {
    const mine = ++turn
    const food = foodOf(foodId)
    for (const method of food?.methods ?? []) {
      await new Promise(resolve => setTimeout(resolve))
      if (mine !== turn) return
      onSchool(summariseSchool(food!, method, volumeL, temperatureC))
    }
  },
}

export type SchoolComparer = typeof comparer
expose(comparer)
