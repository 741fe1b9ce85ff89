import { expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { planRoom, type CulturePlan } from '@renatus/core/planning/plan/planRoom'
import { anyRecord, type AnyRecord } from '@renatus/core/records/records'
import { records, uid } from '../../room'
import { smallRoom, theSolver } from './small'

const solver = await theSolver()

/** A second brood in a tank of its own. */
function another(freeOn: string): AnyRecord[] {
  const room = records({ freeSwimmingOn: freeOn })
  const tank = { ...room.find(r => r.type === 'tank')!, id: uid(), name: 'Tank 2' }
  const brood = { ...room.find(r => r.type === 'brood')!, id: uid(), name: 'Late', fry: 150 }
  return [tank, { ...brood, speciesId: 'scarlet-badis', tankId: tank.id }].map(r =>
    anyRecord.parse(r),
  )
}
const rooms = (more: AnyRecord[], begun: CulturePlan['starts'] = []) =>
  smallRoom(
    { freeOn: '2026-03-28', foods: ['infusoria', 'microworm', 'paramecium'], more },
    { begun, isKept: begun.length > 0 },
  )
/** A solver, and how often it had starts to decide. */
function watched() {
  const asked = { whole: 0 }
  const watching: Solver = {
    solve: (text, limits, progress) => {
      const integers = /General([\s\S]*?)(End|Binary)/.exec(text)?.[1]?.trim().split(/\s+/) ?? []
      if (integers.length > 40) asked.whole++
      return solver.solve(text, limits, progress)
    },
  }
  return { asked, watching }
}
const linesOf = (p: CulturePlan) => p.starts.map(s => `${s.on} ${s.food} ${s.vessels}`)

it('a brood more leaves what is kept where it stands, and no more is solved than for a new plan', () => {
  const kept = planRoom(rooms([]), solver)
  const more = another('2026-03-24')
  const [anew, onTop] = [watched(), watched()]
  const fresh = planRoom(rooms(more), anew.watching)
  const plan = planRoom(rooms(more, kept.starts), onTop.watching)
  const stays = (p: CulturePlan) => linesOf(p).filter(l => linesOf(kept).includes(l)).length
  expect(plan.gaps).toEqual(fresh.gaps)
  expect(linesOf(plan)).not.toEqual(linesOf(kept))
  expect(stays(plan)).toBeGreaterThanOrEqual(kept.starts.length - 1)
  expect(stays(plan)).toBeGreaterThan(stays(fresh))
  expect(onTop.asked.whole).toBe(anew.asked.whole)
})
