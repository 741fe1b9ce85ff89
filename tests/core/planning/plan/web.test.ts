import { beforeAll, describe, expect, it } from 'vitest'
import type { Solver } from '@renatus/core/math/solver'
import { asKept } from '@renatus/core/planning/plan/keptPlan'
import { drinks } from '@renatus/core/planning/plan/web'
import { addDays } from '@renatus/core/time/localDate'
import { weekdayOf } from '@renatus/core/time/weekday'
import { foodOf } from '@renatus/core/foods/index'
import { cultureOf } from '../../cultureRoom'
import { planOf, smallRoom, theSolver } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
const FOODS = ['moina', 'green-water', 'brine-shrimp']
const moina = (methodId: string) =>
  cultureOf('moina', '2026-02-24T06:00:00Z', { methodId, litres: 15 as never })
const green = cultureOf('green-water', '2026-03-01T06:00:00Z', { litres: 60 as never })
const young = cultureOf('green-water', '2026-03-08T06:00:00Z', { litres: 60 as never })
const plan = (
  cultures: ReturnType<typeof moina>[],
  foods = FOODS,
  more: Parameters<typeof planOf>[2] = {},
) => planOf(solver, { freeOn: '2026-03-12', fry: 60, foods, cultures }, { days: 40, ...more })

describe('the web: what feeds the food', () => {
  it('15 L of water fleas on green water drink 6 L a day', () => {
    const method = foodOf('moina')!.methods.find(m => m.id === 'green-water')!
    expect(drinks(method, 15)).toEqual({ food: 'green-water', litres: expect.closeTo(6, 9) })
    expect(drinks(foodOf('moina')!.methods[0]!, 15)).toBeNull()
  })

  it('starts green water where none stands, says for whom, and takes the minutes of it', () => {
    const p = plan([moina('green-water')])
    const [feed] = p.feeds
    expect(feed).toMatchObject({ food: 'green-water', fromDay: 0, name: 'moina' })
    const starts = p.starts.filter(s => s.food === 'green-water')
    expect(starts.length).toBeGreaterThan(0)
    // Its starter has to be bought: that is ordered today.
    expect(starts[0]!.orderBy).toBe(p.from)
    expect(starts[0]!.why.rule).toMatch(/drinks? \d+ L of green water a day/)
    expect(feed!.from).toBe(`green-water ${starts[0]!.on}`)
    const without = plan([moina('yeast')])
    expect(without.feeds).toEqual([])
    expect(without.starts.some(s => s.food === 'green-water')).toBe(false)
    const on = p.labourDays.find(l => l.day === starts[0]!.on)!
    expect(on.budget).toBe(60)
    expect(on.minutes).toBeGreaterThan(0)
  })

  it('starts it anew when the first jars end at the latest, and no more of it than is drunk', () => {
    const p = plan([moina('green-water')], FOODS, { days: 60 })
    const starts = p.starts.filter(s => s.food === 'green-water')
    const first = starts[0]!.on
    const method = foodOf('green-water')!.methods.find(m => m.id === starts[0]!.method)!
    const ends = addDays(first, method.renewAfterDays)
    const again = starts.filter(s => s.on > addDays(first, 7))
    expect(again.length).toBeGreaterThan(0)
    expect(again[0]!.on <= ends).toBe(true)
    // Jars that stand at one time give what is drunk: not twice as many as the first of them.
    const vessels = (list: typeof starts) => list.reduce((n, s) => n + s.vessels, 0)
    const early = vessels(starts.filter(s => s.on <= addDays(first, 7)))
    expect(early).toBeLessThanOrEqual(4)
    expect(vessels(again)).toBeLessThanOrEqual(2 * early)
  })

  it('starts none where enough stands, and none where the room does not keep it: that is said', () => {
    const days = { days: 12 }
    const p = plan([moina('green-water'), green, young], FOODS, days)
    expect([green.id, young.id]).toContain(p.feeds[0]!.from)
    const greens = (x: typeof p) => x.starts.filter(s => s.food === 'green-water').length
    expect(greens(p)).toBe(0)
    expect(greens(plan([moina('green-water')], FOODS, days))).toBeGreaterThan(0)
    const none = plan([moina('green-water')], ['moina', 'brine-shrimp'])
    expect(none.feeds[0]!.from).toBeNull()
    expect(none.starts.some(s => s.food === 'green-water')).toBe(false)
  })

  it('starts it on a day that has the minutes, where there is one', () => {
    const room: Parameters<typeof planOf>[1] = {
      freeOn: '2026-03-12',
      fry: 60,
      foods: FOODS,
      cultures: [moina('green-water')],
    }
    const { state } = smallRoom(room)
    const greens = (minutesByDay: (number | null)[] | null) =>
      planOf(solver, room, {
        days: 60,
        state: {
          ...state,
          room: { ...state.room, rounds: state.room.rounds.map(r => ({ ...r, minutesByDay })) },
        },
      }).starts.filter(s => s.food === 'green-water')
    const renewal = greens(null).at(-1)!.on
    const weekday = weekdayOf(renewal)
    const moved = greens(Array.from({ length: 7 }, (_, d) => (d === weekday ? 0 : null)))
    expect(moved.length).toBeGreaterThan(1)
    expect(moved.slice(1).filter(s => weekdayOf(s.on) === weekday)).toEqual([])
    expect(moved.some(s => s.on > addDays(renewal, -7) && s.on < addDays(renewal, 7))).toBe(true)
  })

  it('keeps a start of it on the day it is kept for', () => {
    const p = plan([moina('green-water')])
    const names = new Set<string>()
    const begun = p.starts.map(s => asKept(s, names))
    const again = plan([moina('green-water')], FOODS, { begun })
    const of = (x: typeof p) => x.starts.filter(s => s.food === 'green-water').map(s => s.on)
    expect(of(again)).toEqual(of(p))
    // Also where it would be begun on another day by itself.
    const [first] = begun.filter(b => b.food === 'green-water')
    const later = { ...first!, on: addDays(first!.on, 2), vessels: 3 }
    const moved = plan([moina('green-water')], FOODS, { begun: [later], isKept: true })
    const kept = moved.starts.filter(s => s.food === 'green-water' && s.on === later.on)
    expect(kept.map(s => s.vessels)).toEqual([3])
  })
})
