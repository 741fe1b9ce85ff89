import { describe, expect, it } from 'vitest'
import { readRoom } from '@renatus/core/estimation/readRoom'
import { foodOf } from '@renatus/core/foods/index'
import { roomStarts, runningSupply } from '@renatus/core/planning/plan/startables'
import { roomState } from '@renatus/core/stock/roomState'
import { cultureOf } from '../../cultureRoom'
import { log, records } from '../../room'

const DAYS = 40
const STARTED = '2026-03-20T05:00:00.000Z'
const sum = (xs: readonly number[]) => xs.slice(0, 30).reduce((a, b) => a + b, 0)

/** What a vessel is thought to give that was started an hour ago, against what the plan said that it would. */
function started(id: string, now: string): number {
  const food = foodOf(id)!
  const temperatureC = (food.rangeC[0] + food.rangeC[1]) / 2
  const culture = cultureOf(id, STARTED, { temperatureC, warmth: 'own' } as never)
  const about = { cultureId: culture.id, origin: 'bought', parentIds: [], starterMl: null }
  const entries = [log(STARTED, 'culture.started', { ...about, hatch: null } as never)]
  const state = roomState([...records({ foods: [id] }), culture], entries, now)!
  const [running] = runningSupply(state, readRoom(state, new Map()), DAYS)
  const ways = roomStarts({ ...state, cultureStates: [] } as never, new Map(), DAYS)
  const way = ways.find(s => s.vesselClass.litres === culture.litres) ?? ways[0]!
  const planned = sum(way.gives) / way.vesselClass.litres
  return sum(running!.surplus) / culture.litres / planned
}

describe('a vessel that was just started', () => {
  const foods = ['paramecium', 'microworm', 'moina', 'daphnia-pulex', 'daphnia-magna', 'rotifer']
  it.each(foods)('gives what the plan counted on, whoever of the belief is asked: %s', id => {
    // Each hour draws another few of the belief.
    for (const hour of ['06', '07']) {
      const share = started(id, `2026-03-20T${hour}:10:00.000Z`)
      expect(share).toBeGreaterThan(0.55)
      expect(share).toBeLessThan(1.6)
    }
  })
})
