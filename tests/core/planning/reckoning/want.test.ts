import { describe, expect, it } from 'vitest'
import { edible } from '@renatus/core/fry/edibles'
import { ladderDays } from '@renatus/core/planning/ladderDays'
import { wantsAt } from '@renatus/core/planning/reckoning/want'
import { roundAt, roundState } from '@renatus/core/round/round'
import { largeRoom } from '../../../../tools/rooms/manyRooms'

const NOW = '2026-03-24T05:34:00.000Z'

describe('what a tank wants', () => {
  it('nothing that dies within the hour in its water stands in for its food', () => {
    let seas = 0
    let fresh = 0
    for (const seed of [1, 4, 5]) {
      const { records, entries } = largeRoom(NOW, seed)
      const state = roundState(records, entries, NOW)!
      const round = roundAt(state.room, NOW)
      const wants = wantsAt(state, round, ladderDays(state, [round.date]))
      for (const w of wants) {
        const sea = w.eating.some(e => e.species.marine)
        if (sea) seas++
        else fresh++
        for (const id of w.foods.keys()) {
          const f = edible(id)
          if (f) expect(sea ? f.aliveInSeaH : f.aliveInTankH, id).toBeGreaterThan(1)
        }
      }
    }
    expect(seas).toBeGreaterThan(0)
    expect(fresh).toBeGreaterThan(10)
  })
})
