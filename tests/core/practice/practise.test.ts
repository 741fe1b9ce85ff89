import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ACTS, decision } from '@renatus/core/practice/decision'
import { goalOf, nextDay, startGame } from '@renatus/core/practice/game'
import { canPay } from '@renatus/core/practice/purse'
import { handQuestion, handScore } from '@renatus/core/practice/handGame'
import { judgementOf } from '@renatus/core/practice/judgement'
import { lookQuestion } from '@renatus/core/practice/lookGame'
import { fixed } from '@renatus/core/practice/players/fixed'
import { perfect } from '@renatus/core/practice/players/perfect'
import { random } from '@renatus/core/practice/players/random'
import { PRICES } from '@renatus/core/practice/prices'
import { lengthOf, playThrough, practise, problemOf } from '@renatus/core/practice/practise'
import { scenarioOf, scenarios } from '@renatus/core/practice/scenarios/index'
import type { HandScenario, LookScenario, VesselScenario } from '@renatus/core/practice/scenario'
import { foods } from '@renatus/core/foods/index'

const jar = (id: string) => scenarioOf(id) as VesselScenario
const d = (x: object) => decision.parse(x)
const SEEDS = [1, 2, 3, 4]
const mean = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / xs.length

describe('the exercises', () => {
  it('are at least 24, of every kind and every family, each by a name of its own', () => {
    expect(scenarios.length).toBeGreaterThanOrEqual(24)
    expect(new Set(scenarios.map(s => s.id)).size).toBe(scenarios.length)
    expect(new Set(scenarios.map(s => s.kind))).toEqual(
      new Set(['look', 'jar', 'brood', 'season', 'hands']),
    )
    const used = new Set(scenarios.flatMap(s => s.foods))
    const families = new Set(foods.filter(f => used.has(f.profile.id)).map(f => f.profile.family))
    expect(families).toEqual(new Set(foods.map(f => f.profile.family)))
    for (const s of scenarios) expect(lengthOf(s)).toBeGreaterThan(0)
  })

  it('say what every food in them costs', () => {
    const priced = scenarios.flatMap(s => ('vessels' in s && s.kind !== 'look' ? s.foods : []))
    expect(priced.filter(food => !PRICES[food])).toEqual([])
  })

  it('knowing all beats doing anything, and the card beats it too, over the seeds', () => {
    for (const id of ['oats-box', 'green-jar', 'first-brood', 'only-one-jar']) {
      const goal = (p: typeof random) => mean(SEEDS.map(s => goalOf(playThrough(jar(id), s, p))))
      const anything = goal(random)
      expect(goal(perfect), id).toBeGreaterThan(goal(fixed))
      expect(goal(fixed), id).toBeGreaterThan(anything)
    }
  })
})

describe('what there is to spend', () => {
  const { minutes, coins } = jar('first-brood').budget!
  it('is never overspent, by whoever does anything', () => {
    for (const seed of SEEDS) {
      const g = playThrough(jar('first-brood'), seed, random)
      expect(g.coins).toBeLessThanOrEqual(coins)
      expect(g.minutes).toBeLessThanOrEqual(minutes * g.day)
    }
  })
  it('what does not fit into the minutes of a day or into the coins is not done', () => {
    const start = (vessel: number) => d({ day: 0, vessel, act: 'start' })
    const g = startGame(jar('first-brood'), 1)
    nextDay(g, [0, 1, 2].map(start))
    expect(g.vessels.map(v => v.culture !== null)).toEqual([true, true, false])
    expect([g.minutes, g.coins]).toEqual([20, 2 * PRICES.infusoria!.start])
    nextDay(g, [d({ day: 1, vessel: 2, act: 'feed' }), d({ day: 1, vessel: 0, act: 'start' })])
    expect(g.coins).toBe(2 * PRICES.infusoria!.start)
    g.coins = coins
    nextDay(g, [d({ day: 2, vessel: 0, act: 'feed' })])
    expect(g.vessels[0]!.observations).toEqual([])
    expect(canPay(g, g.vessels[2]!, 'start')).toBe(false)
  })
  it('is told with what was fed, of the learner and of those who are played beside', () => {
    const { told, toldOf } = practise(jar('larvae-bucket'), 2, 'fixed')
    expect(told).toEqual(toldOf!.fixed)
    const g = playThrough(jar('larvae-bucket'), 2, fixed)
    const days = g.fed.filter(f => f !== null)
    expect(told).toMatchObject({ of: days.length, minutes: g.minutes, coins: g.coins })
    expect(told!.gaps).toBe(days.filter(f => f < 0.5).length)
    expect(told!.taken).toEqual(g.vessels.map(v => v.taken))
    expect(told!.taken[0]).toBeGreaterThan(0)
  })
})

describe('a game', () => {
  it('goes the same way for the same seed and decisions, and a goal lies between 0 and 1', () => {
    const act = fc.constantFrom(...ACTS)
    const one = fc.record({ take: fc.double({ min: 0, max: 1, noNaN: true }), act })
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e6 }),
        fc.array(one, { maxLength: 20 }),
        (seed, days) => {
          const play = () => {
            const g = startGame(jar('larvae-bucket'), seed)
            days.forEach((x, day) => nextDay(g, [d({ day, ...x })]))
            return g
          }
          const [a, b] = [play(), play()]
          expect(a.fed).toEqual(b.fed)
          expect(goalOf(a)).toBe(goalOf(b))
          expect(goalOf(a)).toBeGreaterThanOrEqual(0)
          expect(goalOf(a)).toBeLessThanOrEqual(1)
        },
      ),
      { numRuns: 30 },
    )
  })

  it('decisions after the end, at a vessel that is not there, too much, or twice are named', () => {
    const s = jar('larvae-bucket')
    expect(problemOf(s, [d({ day: 0 })])).toBeNull()
    expect(problemOf(s, [d({ day: s.days })])).toBe('after-end')
    expect(problemOf(s, [d({ day: 0, vessel: 1 })])).toBe('no-such-vessel')
    expect(problemOf(s, [d({ day: 0, act: 'feed', amount: 6 })])).toBe('too-much')
    expect(problemOf(s, [d({ day: 2 }), d({ day: 2 })])).toBe('twice')
  })

  it('its account says nothing was lost by the best decision, and the same again for the same decisions', () => {
    const s = jar('larvae-bucket')
    const given = [d({ day: 6, look: true, take: 0.3, saw: 'ready', sure: 4 })]
    const account = practise(s, 3, given)
    expect(practise(s, 3, given)).toEqual(account)
    expect(account.course).toHaveLength(s.days)
    expect(account.decisions.every(x => x.value <= 0)).toBe(true)
    expect(account.judgement!.from).toBe(1)
    expect(account.outcome.goal).toBeLessThanOrEqual(1)
  })
})

describe('looks and hands', () => {
  it('a question is the same for its seed, and what is seen is a grade that has a word', () => {
    const s = scenarioOf('worms-on-the-wall') as LookScenario
    for (let n = 0; n < s.looks; n++) {
      const q = lookQuestion(s, 11, n)
      expect(lookQuestion(s, 11, n)).toEqual(q)
      const words = foods.find(f => f.profile.id === q.foodId)!.signs
      for (const [sign, grade] of Object.entries(q.signs))
        expect(words[sign as keyof typeof words]![grade]).toBeTypeOf('string')
    }
  })

  it('the app counts, weighs and fills better than a rule of thumb, and exactly is worth 1', () => {
    for (const id of ['count-drops', 'salt-by-eye', 'gel-tray']) {
      const { outcome } = practise(scenarioOf(id)!, 5, 'advice')
      expect(outcome.advice, id).toBeGreaterThan(outcome.fixed)
      expect(outcome.fixed, id).toBeGreaterThan(0)
    }
    const q = handQuestion(scenarioOf('gel-tray') as HandScenario, 1, 0)
    expect(handScore(q.truth, q.truth)).toBe(1)
    expect(handScore(0, q.truth)).toBe(0)
    expect(handScore(q.truth * 2, q.truth)).toBeCloseTo(0, 9)
  })

  it('how sure somebody is told apart from whether they know: calibration and sharpness make the Brier score', () => {
    expect(judgementOf([])).toBeNull()
    const right = { said: 0.97, right: true }
    expect(judgementOf([right, right])!.brier).toBeCloseTo(0.0009, 9)
    const said = [0.5, 0.5, 0.85, 0.85, 0.85, 0.97].map((p, i) => ({ said: p, right: i % 3 !== 0 }))
    const j = judgementOf(said)!
    const base = said.filter(s => s.right).length / said.length
    expect(j.brier).toBeCloseTo(j.calibration - j.sharpness + base * (1 - base), 9)
  })
})
