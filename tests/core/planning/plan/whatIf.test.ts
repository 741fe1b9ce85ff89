import { beforeAll, describe, expect, it } from 'vitest'
import { answerPlan, planQuestion, type PlanQuestion } from '@renatus/core/planning/plan/question'
import { decisions } from '@renatus/core/planning/plan/decisions'
import type { Solver } from '@renatus/core/math/solver'
import {
  daysAway,
  isAsked,
  NOTHING_ELSE,
  stateIf,
  type WhatIf,
} from '@renatus/core/planning/plan/whatIf'
import { sitterSheet } from '@renatus/core/planning/sitterSheet'
import { broodLadder } from '@renatus/core/stock/broodLadder'
import { budgetOf } from '@renatus/core/time/roundBudget'
import { addDays } from '@renatus/core/time/localDate'
import { cultureOf } from '../../cultureRoom'
import { NAMED, chilled } from '../../room'
import { EXACT, planOf, smallRoom, theSolver } from './small'

let solver: Solver
beforeAll(async () => {
  solver = await theSolver()
})
const what = (w: Partial<WhatIf>): WhatIf => ({ ...NOTHING_ELSE, ...w })
const ask = (o: Parameters<typeof smallRoom>[0], q: Partial<PlanQuestion> = {}) => {
  const { state, readings } = smallRoom(o)
  return answerPlan(
    state,
    readings,
    planQuestion.parse({
      seed: 1,
      days: 40,
      certainty: 0.9,
      pins: [],
      onlyPinned: false,
      whatIf: NOTHING_ELSE,
      ...q,
    }),
    solver,
    EXACT,
  )
}

describe('what if', () => {
  it('nothing asked is nothing changed', () => {
    const { state } = smallRoom()
    expect(isAsked(NOTHING_ELSE)).toBe(false)
    expect(stateIf(state, NOTHING_ELSE).broods[0]).toBe(state.broods[0])
    expect(ask({}).starts).toEqual(ask({}, { whatIf: what({}) }).starts)
  })
  it('half the minutes are half of every round, also on days that have minutes of their own', () => {
    const { state } = smallRoom()
    const own = [60, null, null, null, null, null, 0]
    const room = { ...state.room, rounds: [{ ...state.room.rounds[0]!, minutesByDay: own }] }
    const half = stateIf({ ...state, room }, what({ minutes: 0.5 })).room.rounds[0]!
    const of = (date: string) => budgetOf(half, date)
    expect(isAsked(what({ minutes: 0.5 }))).toBe(true)
    expect([of('2026-03-09'), of('2026-03-10'), of('2026-03-15')]).toEqual([30, 15, 0])
  })
  it('an earlier spawn has the same ladder on earlier days, more fry want more, cold holds them back', () => {
    const { state } = smallRoom()
    const [brood] = stateIf(state, what({ shift: { [NAMED.brood!]: -5 } })).broods
    expect(brood!.freeOn).toBe('2026-03-27')
    expect(broodLadder(brood!, state.room, 0, 3).map(d => d.share)).toEqual(
      broodLadder(state.broods[0]!, state.room, 0, 3).map(d => d.share),
    )
    const [many] = stateIf(state, what({ fry: { [NAMED.brood!]: 3 } })).broods
    expect(broodLadder(many!, state.room, 0, 1)[0]!.fry).toBeCloseTo(
      3 * broodLadder(state.broods[0]!, state.room, 0, 1)[0]!.fry,
      6,
    )
    const [cool] = stateIf(state, what({ warmerC: -4 })).broods
    expect(broodLadder(cool!, state.room, 10, 1)[0]!.lengthMm).toBeLessThan(
      broodLadder(state.broods[0]!, state.room, 10, 1)[0]!.lengthMm,
    )
    const early = ask({}, { whatIf: what({ shift: { [NAMED.brood!]: -5 } }) })
    expect(early.starts[0]!.on < ask({}).starts[0]!.on).toBe(true)
  })
  it('a vessel that is lost gives nothing more, days away see no start', () => {
    const worm = cultureOf('microworm', '2026-03-01T06:00:00Z')
    const { state } = smallRoom({ cultures: [worm] })
    expect(stateIf(state, what({ lost: [worm.id] })).cultureStates).toEqual([])
    expect(stateIf(state, what({ lost: [NAMED.cone1!] })).hatchVessels.map(v => v.id)).toEqual([
      NAMED.cone2,
    ])
    const away = { from: '2026-03-14', days: 9 }
    expect(daysAway(what({ away }))).toHaveLength(9)
    expect(
      ask({}, { whatIf: what({ away }) }).starts.every(
        s => s.on < '2026-03-14' || s.on > '2026-03-22',
      ),
    ).toBe(true)
  })
  it('what cannot be asked is refused with its place', () => {
    const bad = planQuestion.safeParse({
      seed: 1,
      days: 400,
      certainty: 0.9,
      pins: [],
      onlyPinned: false,
      whatIf: NOTHING_ELSE,
    })
    expect(bad.success).toBe(false)
    expect(bad.error!.issues[0]!.path).toEqual(['days'])
  })
})

describe('while nobody is there', () => {
  it('the sheet prepares, feeds each tank by day as the plan takes, keeps to its days, and says what never to do', () => {
    const worm = cultureOf('microworm', '2026-03-02T06:00:00Z')
    const frozen = chilled('2026-03-08T18:05:00Z', {
      storeId: NAMED.store1!,
      foodId: 'frozen-nauplii',
      keep: 'freezer',
      unit: 'cube',
      amount: 12,
      organisms: 60_000,
      energy: 0.9,
    })
    const o = { freeOn: '2026-02-20', cultures: [worm], entries: [frozen] }
    const { state, readings } = smallRoom(o)
    const away = { from: '2026-03-12', days: 4 }
    const plan = ask(o, { whatIf: what({ away }) })
    const sheet = sitterSheet(state, readings, plan, away)
    expect(sheet.days.map(d => d.date)).toEqual([0, 1, 2, 3].map(i => addDays('2026-03-12', i)))
    expect(sheet.days.every(d => d.lines.every(l => l.key.endsWith(d.date)))).toBe(true)
    expect(
      sheet.days.some(d => d.lines.some(l => /Tank 1: .*(cube|wipe|microworm)/.test(l.text))),
    ).toBe(true)
    expect(new Set(sheet.days.flatMap(d => d.lines.map(l => l.key))).size).toBe(
      sheet.days.flatMap(d => d.lines).length,
    )
    expect(sheet.before.some(l => l.key === 'cubes')).toBe(true)
    expect(sheet.never.length).toBeGreaterThan(2)
  })
})

describe('the next decisions', () => {
  it('are five at most, in the order of days, an order before its start', () => {
    const plan = planOf(
      solver,
      { foods: ['infusoria', 'paramecium', 'microworm', 'brine-shrimp'] },
      { certainty: 0.9 },
    )
    const list = decisions(plan, 'Europe/Berlin')
    expect(list.length).toBeLessThanOrEqual(5)
    expect(list.map(d => d.on)).toEqual(list.map(d => d.on).sort())
    for (const d of list) if (d.kind === 'order') expect(d.on <= d.start.on).toBe(true)
    expect(
      decisions(
        planOf(solver, { freeOn: '2026-03-12', foods: ['infusoria'] }),
        'Europe/Berlin',
      ).some(d => d.kind === 'gap' && d.on >= '2026-03-10'),
    ).toBe(true)
  })
})
