import { describe, expect, it } from 'vitest'
import { HATCH_SCHOOLS } from '@renatus/core/records/vocabulary'
import { evenShares, draws } from '@renatus/core/dynamics/hatch/draws'
import { harvestWindow } from '@renatus/core/dynamics/hatch/hatch'
import { lastCall, vesselModel } from '@renatus/core/planning/hatchOption'
import { hatchWay } from '@renatus/core/planning/hatchWay'
import { hatchingOf, lotForPlan } from '@renatus/core/planning/plan/hatching'
import { stateAt } from '../../room'

const NOW = '2026-03-17T05:34:00Z'
const HOURS = Array.from({ length: 7 }, (_, i) => 24 + 12 * i)
/** What a bottle that is drawn from until its last call brings a day, each draw reckoned by itself. */
function drawnADay(): number {
  const state = stateAt(NOW)
  state.room.hatchSchool = 'keep-and-draw'
  const vessel = state.hatchVessels[0]!
  const way = hatchWay(state)
  const full = vesselModel(vessel, lotForPlan(state)!, way, way.mostCystsGL * vessel.litres)
  const window = harvestWindow(full.curve)!
  const at = HOURS.filter(h => h >= window.fromH && h <= lastCall(window, way))
  const useful = draws(full.curve, evenShares(at)).reduce((sum, d) => sum + d.useful, 0)
  return (full.nauplii * useful * 24) / at.at(-1)!
}
const mostOf = (school: (typeof HATCH_SCHOOLS)[number]) => {
  const state = stateAt(NOW)
  state.room.hatchSchool = school
  const hatching = hatchingOf(state, 10)!
  return { day: hatching.most[9]! / state.hatchVessels.length, gramsEach: hatching.gramsEach }
}

describe('hatching, weeks ahead', () => {
  it('a bottle that is kept brings what its draws bring until its last call, not a whole pull', () => {
    expect(mostOf('keep-and-draw').day).toBeCloseTo(drawnADay(), 0)
    expect(mostOf('keep-and-draw').gramsEach).toBeGreaterThan(mostOf('one-pull').gramsEach)
  })

  it('each school brings something, and what stands longer brings less a day', () => {
    const one = mostOf('one-pull')
    for (const school of HATCH_SCHOOLS) expect(mostOf(school).day, school).toBeGreaterThan(0)
    expect(mostOf('keep-and-draw').day).toBeLessThan(one.day)
    expect(mostOf('room-temperature').day).toBeLessThan(one.day)
  })
})
