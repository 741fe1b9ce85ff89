import { beforeAll, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { manyRooms } from '../../../../tools/rooms/manyRooms'
import { plannedDays } from '../../../../tools/rooms/plannedDays'
import { theSolver } from './small'

const FROM = '2026-03-24T05:34:00.000Z'
let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})

/**
 * In the second all that was kept has been started by the sixth day: nothing more is asked for then.
 * In the third fleas drink of what is started.
 */
it.each([
  [17, 3],
  [10, 7],
  [3, 3],
])(
  'a day that passes as planned changes no line, also when what was started is weeks from ready (room %i)',
  (seed, days) => {
    const sizes = { broods: 1 + (seed % 3), cultures: seed % 4, cones: 1, kept: seed % 2 === 0 }
    const mornings = plannedDays(manyRooms({ seed, now: FROM, ...sizes }), FROM, days, solver)
    expect(mornings[0]!.kept.length).toBeGreaterThan(0)
    expect(mornings.flatMap(m => m.changes)).toEqual([])
  },
)
