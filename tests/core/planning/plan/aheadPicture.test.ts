import { beforeAll, describe, expect, it } from 'vitest'
import { aheadPicture, type HeldStart } from '@renatus/core/planning/plan/aheadPicture'
import { planRoom, type CulturePlan } from '@renatus/core/planning/plan/planRoom'
import type { PlanRequest } from '@renatus/core/planning/plan/request'
import { addDays, daysBetween } from '@renatus/core/time/localDate'
import { cultureOf } from '../../cultureRoom'
import { EXACT, smallRoom, theSolver } from './small'

let request: PlanRequest
let plan: CulturePlan
let starts: HeldStart[]
beforeAll(async () => {
  const cultures = [1, 2].map(() => cultureOf('microworm', '2026-02-28T06:00:00Z'))
  request = smallRoom({ cultures, freeOn: '2026-03-20' })
  plan = planRoom(request, await theSolver(), EXACT)
  starts = plan.starts.map((s, i) => ({
    id: `s${i}`,
    kept: i > 0,
    food: s.food,
    method: s.method,
    on: s.on,
    vessels: s.vessels,
    readyDays: s.chances.readyDays,
    orderBy: s.orderBy,
  }))
})
const picture = (days = 40, held = starts) =>
  aheadPicture(plan, request.state, request.readings, held, days)

describe('the picture of a plan', () => {
  it('has a band for each food while it is eaten, in two rows, on the days of the plan', () => {
    const [mouth] = picture().mouths
    expect(mouth!.free!.day).toBe(daysBetween(plan.from, '2026-03-20'))
    expect(mouth!.bands.length).toBeGreaterThan(1)
    for (const b of mouth!.bands) {
      expect(b.row).toBeLessThan(2)
      const eaten = plan.takes.filter(
        t => t.food === b.food && daysBetween(plan.from, t.day) === b.from,
      )
      expect(eaten.reduce((n, t) => n + t.share, 0)).toBeGreaterThan(0.1)
    }
  })
  it('has every start as a bar that waits, then gives; alike vessels that stand are one', () => {
    const bars = picture().lanes.flatMap(l => l.bars)
    for (const s of starts) {
      const bar = bars.find(b => b.id === s.id)!
      expect(bar).toMatchObject({
        from: daysBetween(plan.from, s.on),
        vessels: s.vessels,
        kind: s.kept ? 'kept' : 'proposed',
      })
      expect(bar.ready).toBeGreaterThan(bar.from)
    }
    const worms = picture().lanes.find(l => l.food === 'microworm')!
    expect(worms.bars.filter(b => b.kind === 'stands')).toMatchObject([{ vessels: 2, from: 0 }])
  })
  it('no two bars of a lane lie on each other', () => {
    for (const { bars } of picture().lanes)
      for (const a of bars)
        for (const b of bars)
          if (a !== b && a.row === b.row) expect(a.to <= b.from || b.to <= a.from).toBe(true)
  })
  it('moves with the hand, and ends where it is cut', () => {
    const moved = starts.map((s, i) => (i === 0 ? { ...s, on: addDays(s.on, 3) } : s))
    const barOf = (p: ReturnType<typeof picture>) =>
      p.lanes.flatMap(l => l.bars).find(b => b.id === 's0')!
    expect(barOf(picture(40, moved)).from).toBe(barOf(picture()).from + 3)
    const short = picture(14)
    expect(short.lanes.every(l => l.wanted.length === 14)).toBe(true)
    expect(short.mouths.flatMap(m => m.bands).every(b => b.to <= 14)).toBe(true)
  })
})
