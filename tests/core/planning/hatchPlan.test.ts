import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  hatchOption,
  roundUpGrams,
  cystsFor,
  vesselModel,
} from '@renatus/core/planning/hatchOption'
import { HATCH_MARGIN } from '@renatus/core/planning/hatchMargin'
import { hatchWay } from '@renatus/core/planning/hatchWay'
import { hatchPlan } from '@renatus/core/planning/hatchPlan'
import { hatchProfile } from '@renatus/core/foods/hatchProfile'
import { wholeMeal } from '@renatus/core/fry/wholeMeal'
import { mealsAt, SPILL } from '@renatus/core/planning/meals'
import { currentRound, roundsAround } from '@renatus/core/time/rounds'
import { hoursBetween } from '@renatus/core/time/localDate'
import type { Reason } from '@renatus/core/reasons/reason'
import type { RoomState } from '@renatus/core/stock/roomState'
import { HATCH_SCHOOLS } from '@renatus/core/records/vocabulary'
import { log, started, stateAt } from '../room'

const NOW = '2026-03-17T05:34:00Z'
const roundsOf = (state: RoomState) => {
  const all = roundsAround(state.now, state.room.rounds, state.room.timeZone, 4, 6)
  const current = currentRound(state.now, all)
  return all.slice(all.indexOf(current)).filter(r => hoursBetween(current.at, r.at) <= 96)
}
/** Meals of nauplii alone, whole, at every round. */
const mealsOf = (state: RoomState, rounds: ReturnType<typeof roundsOf>) =>
  mealsAt(state, rounds, eating => wholeMeal(eating, hatchProfile))
const planOf = (state: RoomState) => {
  const rounds = roundsOf(state)
  return hatchPlan(state, rounds, mealsOf(state, rounds))
}

describe('hatch plan', () => {
  it('covers every meal that can still be covered, and names the ones that cannot', () => {
    const state = stateAt(NOW)
    const plan = planOf(state)
    expect(plan.hatches.length).toBeGreaterThan(1)
    // Fry feed since yesterday and nothing was started: today's two meals are lost.
    expect(plan.gaps.map(g => [g.meal.round.key, g.reason])).toEqual([
      ['2026-03-17T06:30', 'too-late'],
      ['2026-03-17T19:00', 'too-late'],
    ])
    expect(
      plan.hatches.every(h =>
        h.pulls.every(p => state.room.rounds.some(() => p.h > 10 && p.h < 60)),
      ),
    ).toBe(true)
  })

  it.each(HATCH_SCHOOLS)('runs hatches by the school of the room: %s', school => {
    const state = stateAt(NOW, [], { freeSwimmingOn: '2026-03-18' })
    state.room.hatchSchool = school
    const plan = planOf(state)
    const [hatch] = plan.hatches
    expect(hatch!.school).toBe(school)
    const pulls = { 'one-pull': [1, 1], 'two-pulls': [2, 2], 'keep-and-draw': [2, 6] }[
      school as string
    ]
    const [least, most] = pulls ?? [1, 2]
    for (const h of plan.hatches) {
      expect(h.pulls.length).toBeGreaterThanOrEqual(least!)
      expect(h.pulls.length).toBeLessThanOrEqual(most!)
    }
    expect(hatch!.lit).toBe(school !== 'dark')
    expect(hatch!.decapsulated).toBe(school === 'decapsulated')
    expect(hatch!.saltG).toBe(school === 'unrinsed' ? 30 : 50)
    // What is told of light and salt is what this hatch has, not what vessel and room usually have.
    const from = (why: Reason, key: string) => why.inputs.find(i => i.key === key)!.from
    expect(from(hatch!.why.cysts, 'light')).toBe(school === 'dark' ? 'dark' : 'lit')
    expect(/^Setup/.test(from(hatch!.why.salt, 'target'))).toBe(school !== 'unrinsed')
    if (school === 'room-temperature') expect(hatch!.cystsG).toBeLessThanOrEqual(hatch!.waterL)
    // Even draws leave something for every round they are meant for.
    for (const p of hatch!.pulls) expect(p.useful).toBeGreaterThan(0)
  })

  it('few mouths: half a gram is more than enough, and nobody pulls twice to save what is not saved', () => {
    const few = planOf(stateAt(NOW, [], { freeSwimmingOn: '2026-03-20', fry: 40 }))
    expect(few.hatches.length).toBeGreaterThan(0)
    for (const h of few.hatches) {
      expect(h.cystsG).toBe(0.5)
      expect(h.pulls).toHaveLength(1)
      // Of pulls that serve the same meals with the same cysts the one with the most yolk is taken.
      expect(h.pulls[0]!.h).toBeLessThan(30)
    }
  })

  it('starts and pulls fall on rounds, also over the daylight-saving night', () => {
    const state = stateAt('2026-03-27T18:00:00Z', [], { freeSwimmingOn: '2026-03-29' })
    const rounds = roundsOf(state)
    const plan = hatchPlan(state, rounds, mealsOf(state, rounds))
    expect(plan.hatches.length).toBeGreaterThan(0)
    expect(plan.gaps).toEqual([])
    for (const h of plan.hatches) {
      for (const p of h.pulls) expect(rounds.some(r => r.at === p.at)).toBe(true)
      expect(h.startAt === state.now || rounds.some(r => r.at === h.startAt)).toBe(true)
      expect(h.pulls[0]!.h).toBeCloseTo(hoursBetween(h.startAt, h.pulls[0]!.at), 9)
    }
  })

  it('takes no more cysts per fed nauplius than any start and single pull that brute force finds for the same first meal', () => {
    const state = stateAt(NOW, [], { freeSwimmingOn: '2026-03-19', vessels: 1, fry: 20_000 })
    const rounds = roundsOf(state)
    const plan = hatchPlan(state, rounds, mealsOf(state, rounds))
    const chosen = plan.hatches[0]!
    const vessel = state.hatchVessels[0]!
    const lot = {
      id: 'x',
      name: 'x',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsLeft: 100,
    }
    const way = hatchWay(state)
    const model = vesselModel(vessel, lot, way)
    const wants = mealsOf(state, rounds).map(m => ({
      key: m.round.key,
      at: m.at,
      useful: m.nauplii * (1 + SPILL),
    }))
    const yields = rounds.flatMap(s =>
      rounds
        .filter(p => p.at > s.at && p.at <= wants[0]!.at)
        .map(
          p =>
            hatchOption(vessel, model, s.at < state.now ? state.now : s.at, [p.at], wants, way)
              ?.yieldShare ?? 0,
        ),
    )
    const need = chosen.meals.reduce((n, m) => n + m.nauplii * (1 + SPILL), 0)
    const chosenYield = (HATCH_MARGIN * need) / (chosen.cystsG * 270_000 * 0.8)
    expect(chosenYield).toBeGreaterThan(Math.max(...yields) * 0.9 - 0.02)
  })

  it('offers a second bottle above 5 g per litre, and is held to that when there is none', () => {
    const two = planOf(
      stateAt(NOW, [], { fry: 100_000, litres: 0.3, freeSwimmingOn: '2026-03-18' }),
    )
    expect(new Set(two.hatches.slice(0, 2).map(h => h.vessel.id)).size).toBe(2)
    expect(two.hatches[0]!.startAt).toBe(two.hatches[1]!.startAt)
    const one = planOf(
      stateAt(NOW, [], { fry: 100_000, litres: 0.3, freeSwimmingOn: '2026-03-18', vessels: 1 }),
    )
    expect(one.hatches[0]!.cystsG / one.hatches[0]!.vessel.litres).toBeCloseTo(5, 6)
    expect(one.hatches[0]!.why.cysts.rule).toContain('Held to 5 g per litre')
    expect(one.hatches[0]!.wasted).toBe(0)
  })

  it('what runs already is not started again', () => {
    const running = started('2026-03-16T18:00:00Z', {
      cystsG: 3.5 as never,
      pullsAt: ['2026-03-18T05:30:00Z'],
    })
    const without = planOf(stateAt(NOW, [], { freeSwimmingOn: '2026-03-18' }))
    const plan = planOf(stateAt(NOW, [running], { freeSwimmingOn: '2026-03-18' }))
    expect(plan.pulls).toHaveLength(1)
    expect(without.hatches[0]!.meals[0]!.round.key).toBe('2026-03-18T06:30')
    expect(plan.hatches[0]!.meals[0]!.round.key > '2026-03-18T19:00').toBe(true)
  })

  it('"not now" moves the start to a later round and tells what it costs', () => {
    const state = stateAt(NOW, [], { freeSwimmingOn: '2026-03-18' })
    const first = planOf(state).hatches[0]!
    expect(first.startRound.key).toBe('2026-03-17T06:30')
    const put = planOf(
      stateAt(
        NOW,
        [
          log(NOW, 'stop.answered', {
            key: `hatch:cone:${first.startRound.key}`,
            roundKey: first.startRound.key,
            how: 'not-now',
            minutes: 0,
          }),
        ],
        { freeSwimmingOn: '2026-03-18' },
      ),
    )
    expect(put.hatches.every(h => h.startRound.key !== first.startRound.key)).toBe(true)
    expect(put.gaps.map(g => g.reason)).toContain('put-off')
  })

  it('without cysts or vessels it says which', () => {
    expect(planOf(stateAt(NOW, [], { grams: 0 })).gaps[0]!.reason).toBe('no-lot')
    expect(planOf(stateAt(NOW, [], { vessels: 0 })).gaps.at(-1)!.reason).toBe('no-vessel')
  })

  it('more fry never take fewer cysts in all', () => {
    const total = (fry: number) =>
      planOf(stateAt(NOW, [], { fry, freeSwimmingOn: '2026-03-18' })).hatches.reduce(
        (g, h) => g + h.cystsG,
        0,
      )
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 8000 }),
        fc.integer({ min: 0, max: 8000 }),
        (fry, more) => total(fry + more) >= total(fry) - 0.31,
      ),
      { seed: 31, numRuns: 15 },
    )
  })

  it('a steady rotation: hatch time and clean-up over a day, rounded up, and one', () => {
    const { rotation } = planOf(stateAt(NOW, [], { freeSwimmingOn: '2026-03-18' }))
    const hours = rotation!.why.inputs.find(i => i.key === 'hours')!.value
    expect(rotation!.vessels).toBe(Math.ceil((hours + 1) / 24) + 1)
  })
})

describe('cysts for a number of nauplii', () => {
  it('bring that number, crowding included, up to 5 g per litre', () => {
    const state = stateAt(NOW)
    const lot = {
      id: 'x',
      name: 'x',
      hatch: 0.8,
      cystsPerG: 270_000,
      speed: 1,
      spread: 0.17,
      gramsLeft: 100,
    }
    const way = hatchWay(state)
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 1_700_000 }), n => {
        const g = cystsFor(state.hatchVessels[0]!, lot, way, n)
        return (
          g > 9.99 ||
          Math.abs(vesselModel(state.hatchVessels[0]!, lot, way, g).nauplii / n - 1) < 0.01
        )
      }),
      { seed: 32 },
    )
  })
  it('are rounded up to a tenth of a gram, never down', () => {
    expect([0.001, 0.1, 0.11, 2.3, 2.3000001].map(roundUpGrams)).toEqual([0.1, 0.1, 0.2, 2.3, 2.3])
  })
})
