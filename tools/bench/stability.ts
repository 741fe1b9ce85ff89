import highsLoader from 'highs'
import { highsSolver, type HighsLike } from '@renatus/core/math/solver'
import { manyRooms } from '../rooms/manyRooms'
import { plannedDays } from '../rooms/plannedDays'

const FROM = '2026-03-24T05:34:00.000Z'
const ROOMS = 20
const DAYS = 14

/** Lines that a plan changes while everything goes as planned: in rooms that do what every round says, up to the same last day. */
export async function benchStability(): Promise<void> {
  const solver = highsSolver((await highsLoader()) as unknown as HighsLike)
  let quiet = 0
  let lines = 0
  for (let seed = 1; seed <= ROOMS; seed++) {
    const sizes = { broods: 1 + (seed % 3), cultures: seed % 4, cones: 1, kept: seed % 2 === 0 }
    const mornings = plannedDays(manyRooms({ seed, now: FROM, ...sizes }), FROM, DAYS, solver)
    const changed = mornings.reduce((n, m) => n + m.changes.length, 0)
    lines += changed
    if (changed === 0) quiet++
  }
  const mornings = ROOMS * (DAYS - 1)
  console.log(
    `plans of ${ROOMS} rooms over ${DAYS} days: ${quiet} rooms without a change, ${lines} lines changed in ${mornings} mornings`,
  )
}
