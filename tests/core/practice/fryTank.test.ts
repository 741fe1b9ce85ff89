import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { TAN, tankLoad } from '@renatus/core/fry/tankLoad'
import { randomStream } from '@renatus/core/math/random'
import { decision } from '@renatus/core/practice/decision'
import {
  appetiteIn,
  changeWater,
  eatFrom,
  newTank,
  standsMgL,
  TANK,
  tankLook,
  testOf,
} from '@renatus/core/practice/fryTank'
import { nextDay, startGame, testToday } from '@renatus/core/practice/game'
import { advice } from '@renatus/core/practice/players/advice'
import { fixed } from '@renatus/core/practice/players/fixed'
import { decidedOn, playThrough, problemOf } from '@renatus/core/practice/practise'
import { scenarioOf } from '@renatus/core/practice/scenarios/index'
import { toldOfGame, type Told } from '@renatus/core/practice/told'
import type { VesselScenario } from '@renatus/core/practice/scenario'

const plan = { litres: 4, pH: 7.8, temperatureC: 26, filter: false }
const meal = (worth: number, dryMg = 12) => ({ worth, dryMg, protein: 0.48, uneatenShare: 0.1 })
const jar = scenarioOf('larvae-bucket') as VesselScenario
const brood = scenarioOf('first-brood') as VesselScenario

describe('the tank of the mouths', () => {
  it('settles where the app says that such a load settles, when as much is changed each day', () => {
    const filtered = { ...plan, filter: true }
    const t = newTank(filtered)
    let perDay = 0
    for (let d = 0; d < 60; d++) {
      const before = t.tanMgL
      eatFrom(t, [meal(1, 4)])
      perDay = t.tanMgL / Math.exp(-TAN.filterPerDay) - before
    }
    const said = tankLoad(perDay, { ...filtered, changePerDay: 0, marine: false })
    // What stands at the end of a day, after its filter: in one step a day a little under the steady value.
    expect(t.tanMgL / said.standingMgL).toBeGreaterThan(0.7)
    expect(t.tanMgL / said.standingMgL).toBeLessThan(1.05)
  })

  it('is fouled by every meal, by what is left most; appetite never rises with what is in it', () => {
    const worth = fc.double({ min: 0.01, max: 4, noNaN: true })
    fc.assert(
      fc.property(worth, worth, fc.double({ min: 0, max: 3, noNaN: true }), (a, b, mgL) => {
        const [small, large] = [Math.min(a, b), Math.max(a, b)]
        const after = (w: number) => {
          const t = { ...newTank(plan), tanMgL: mgL }
          const eaten = eatFrom(t, [meal(w, 12 * w)])
          expect(eaten).toBeLessThanOrEqual(Math.min(1, w))
          expect(t.tanMgL).toBeGreaterThan(mgL)
          return t
        }
        expect(after(large).tanMgL).toBeGreaterThanOrEqual(after(small).tanMgL)
        expect(after(large).left).toBeGreaterThanOrEqual(after(small).left - 1e-12)
        const more = appetiteIn({ plan, tanMgL: mgL + 0.1 })
        expect(more).toBeLessThanOrEqual(appetiteIn({ plan, tanMgL: mgL }))
      }),
    )
  })

  it('what they cannot eat is all left; in bad water they stop, and fresh water brings it back', () => {
    const t = newTank(plan)
    expect(eatFrom(t, [meal(0)])).toBe(0)
    expect([t.left, tankLook(t).floor]).toEqual([1, 'much'])
    t.tanMgL = 3 * standsMgL(plan)
    expect(tankLook(t).isGasping).toBe(true)
    expect(eatFrom(t, [meal(1)])).toBe(0)
    expect(t.badDays).toBe(1)
    for (let n = 0; n < 3; n++) changeWater(t)
    expect(appetiteIn(t)).toBe(1)
    expect(tankLook(newTank(plan))).toEqual({ floor: 'clean', isGasping: false })
  })

  it('a test lies on a step of the chart, near what is in it', () => {
    for (let seed = 1; seed < 40; seed++) {
      expect(testOf({ tanMgL: 0 }, randomStream(seed))).toBe(0)
      expect([0.5, 1, 2]).toContain(testOf({ tanMgL: 1 }, randomStream(seed)))
    }
  })
})

describe('a brood in it', () => {
  const d = (x: object) => decision.parse(x)
  it('is decided for beside its vessels, only where an exercise has a tank', () => {
    expect(problemOf(brood, [d({ day: 0, vessel: TANK })])).toBeNull()
    const none = scenarioOf('only-one-jar')!
    expect(problemOf(none, [d({ day: 0, vessel: TANK })])).toBe('no-such-vessel')
    const g = startGame(brood, 1)
    expect(decidedOn(g, []).map(x => x.vessel)).toEqual([0, 1, 2, TANK])
    g.tank!.tanMgL = 1
    const seen = testToday(g, g.tank!)
    nextDay(g, [d({ day: 0, vessel: TANK, look: true, act: 'change water' })])
    expect(g.tank!.tests).toEqual([{ day: 0, mgL: seen }])
    expect([g.tank!.tanMgL, g.minutes]).toEqual([0.5, 5])
  })

  it('who never changes the water feeds fewer days; who tests has fewer bad ones than fixed days', () => {
    const never = {
      decide: (...a: Parameters<typeof fixed.decide>) =>
        fixed.decide(...a).filter(x => x.vessel !== TANK),
    }
    const told = (p: typeof fixed, seeds = [1, 2, 3, 4]) => {
      const all = seeds.map(seed => toldOfGame(playThrough(brood, seed, p)))
      const sum = (of: (t: Told) => number) => all.reduce((s, t) => s + of(t), 0)
      return { fed: sum(t => t.fed), bad: sum(t => t.badWater!) }
    }
    expect(told(never).fed).toBeLessThan(told(fixed).fed)
    expect(told(advice, [2]).bad).toBeLessThan(told(fixed, [2]).bad)
  })

  it('the account tells of bad water where there is a tank, and only there', () => {
    expect(toldOfGame(playThrough(brood, 1, fixed)).badWater).toBeTypeOf('number')
    expect(toldOfGame(playThrough(jar, 1, fixed)).badWater).toBeNull()
  })
})
