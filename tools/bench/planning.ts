/** How long a plan takes by the size of the room, how near to the best it is, and whether what it says of its certainty is true. */
import highsLoader from 'highs'
import { planRoom } from '@renatus/core/planning/plan/planRoom'
import { planRequest } from '@renatus/core/planning/plan/request'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { largeRoom } from './largeRoom'

export async function benchPlanning(): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  const largest: string[] = []
  for (const [broods, cultures, days] of [
    [6, 15, 60],
    [12, 30, 60],
    [24, 50, 60],
    [40, 80, 90],
    [80, 160, 90],
    [160, 240, 90],
  ] as const) {
    const { state, readings } = largeRoom(broods, cultures)
    const from = performance.now()
    let said = 0
    const plan = planRoom(planRequest({ state, readings, days }), solver, undefined, () => {
      said++
      return true
    })
    const took = (performance.now() - from) / 1000
    if (took <= 60 && plan.status === 'optimal')
      largest.push(`${broods} broods, ${cultures} cultures, ${days} days`)
    console.log(
      `plan ${broods} broods, ${cultures} cultures, ${days} days`.padEnd(44),
      `${took.toFixed(1)} s   ${plan.status}, gap ${(plan.gap * 100).toFixed(2)} %, ${plan.starts.length} starts, ${plan.hatches.length} hatches, ${plan.gaps.length} gaps, progress said ${said} times`,
    )
    if (took > 90) break
  }
  console.log(`the largest of these that keeps 60 s: ${largest.at(-1) ?? 'none'}`)
}
