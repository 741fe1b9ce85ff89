import { describe, expect, it } from 'vitest'
import { adviceOn } from '@renatus/core/estimation/advice'
import { failureOf } from '@renatus/core/foods/failureOf'
import { foodOf, foods } from '@renatus/core/foods/index'
import { mixSalinity } from '@renatus/core/foods/mixSalinity'
import { simulate, type DayAction, type Simulated } from '@renatus/core/foods/simulate'
import type { Food, FoodMethod } from '@renatus/core/foods/contract'

interface Course {
  school?: string
  actions?: readonly DayAction[]
  runs?: number
  volumeL?: number
  kind?: string
}
function course(id: string, temperatureC: number, days: number, more: Course = {}): Simulated {
  const food = foodOf(id)!
  const method = food.methods.find(m => m.id === more.school) ?? food.methods[0]!
  return simulate({
    food,
    method,
    setup: { volumeL: more.volumeL ?? method.vessel.volumeL, kind: more.kind },
    temperature: () => temperatureC,
    days,
    actions: more.actions ?? [],
    seed: 11,
    runs: more.runs ?? 1,
  })
}
const daily = (
  kind: DayAction['kind'],
  from: number,
  to: number,
  every: number,
  amount?: number,
): DayAction[] =>
  Array.from({ length: Math.floor((to - from) / every) + 1 }, (_, i) => ({
    day: from + i * every,
    kind,
    ...(amount === undefined ? {} : { amount, unit: 'share' as const }),
  }))
/** An action that never falls due takes over what the school would do by itself. */
const never = (kind: DayAction['kind']): DayAction[] => [{ day: 9999, kind }]
/** Wet mass of worms, mg per mg dry (Lavens & Sorgeloos 1996). */
const WET = 4.8

describe('green water', () => {
  it('of a grazer tank stays for months while its water is changed, and collapses where it is not', () => {
    const kept = course('green-water', 24, 90, { school: 'grazer-tank', runs: 100 })
    expect(kept.failedShare).toBeLessThanOrEqual(0.15)
    expect(kept.days.at(-1)!.readiness).toBe('ready')
    const left = { school: 'grazer-tank', runs: 100, actions: never('waterChange') }
    expect(course('green-water', 24, 49, left).failedShare).toBeGreaterThan(0.6)
  })
  it('grows in tap water, half as slow again, and it is not refused', () => {
    const [aged, tap] = ['jar', 'tap-jar'].map(school => course('green-water', 22, 30, { school }))
    const ratio = tap!.readyDay!.p50 / aged!.readyDay!.p50
    expect(ratio).toBeGreaterThan(1.3)
    expect(ratio).toBeLessThan(1.7)
    expect(foodOf('green-water')!.harmfulWater ?? []).not.toContain('tap')
  })
})

describe('salt', () => {
  const salty = foods.flatMap(f => f.methods).filter(m => m.salinityGPerL)
  it.each(salty.map(m => [m.name, m] as const))('%s: its card mixes what it says', (_, m) => {
    expect(Math.abs(mixSalinity(m) - m.salinityGPerL!)).toBeLessThan(1)
  })
  it.each(salty.map(m => [m.name, m] as const))('%s: and still does after ten splits', (_, m) => {
    const starter = m.measures.find(x => x.starter)!
    let strength = m.salinityGPerL! - 6
    for (let n = 0; n < 10; n++)
      strength = mixSalinity({
        measures: m.measures.map(x => (x === starter ? { ...x, saltG: strength / 1000 } : x)),
      })
    expect(Math.abs(strength - m.salinityGPerL!)).toBeLessThan(1)
  })
  it('whatever tastes of salt says how much', () => {
    for (const m of foods.flatMap(f => f.methods))
      if (m.measures.some(x => x.saltG)) expect(m.salinityGPerL).toBeGreaterThan(0)
  })
})

describe('infusoria', () => {
  it.each([16, 18, 20])('at %d °C: cloudy by day 3, clear about day 10, thickest later', t => {
    const { days, readyDay } = course('infusoria', t, 40, { school: 'scalded-leaf' })
    const grade = (d: number) => days[d]!.look.cloudiness!.grade
    expect(Math.max(grade(1), grade(2), grade(3))).toBeGreaterThan(1.5)
    expect(readyDay!.p50).toBeGreaterThan(8)
    expect(readyDay!.p50).toBeLessThan(13)
    const thickest = days.reduce((a, b) => (b.organisms > a.organisms ? b : a)).day
    expect(thickest).toBeGreaterThan(readyDay!.p50 + 2)
    expect(thickest).toBeLessThan(22)
  })
  it.each(
    foodOf('infusoria')!
      .methods.filter(m => m.upkeep.length === 0)
      .map(m => m.id),
  )('%s: at its best one to three thousand in a mL', school => {
    for (const t of [18, 22, 26]) {
      const best = Math.max(...course('infusoria', t, 40, { school }).days.map(d => d.perMl!))
      expect(best).toBeGreaterThan(1000)
      expect(best).toBeLessThan(3000)
    }
  })
  it('with air and a lamp clears without getting very cloudy', () => {
    const top = (school: string) =>
      Math.max(...course('infusoria', 25, 20, { school }).days.map(d => d.look.cloudiness!.grade))
    expect(top('aerated-warm')).toBeLessThan(2)
    expect(top('scalded-leaf')).toBeGreaterThan(2.5)
  })
  it('proposes the school that fails least of those that need nothing bought, and orders none', () => {
    const food = foodOf('infusoria')!
    const wild = food.methods.filter(m => !m.measures.some(x => x.starter))
    const least = Math.min(...wild.map(m => failureOf(food, m)))
    expect(failureOf(food, food.methods[0]!)).toBe(least)
    for (const m of wild) expect(m.starterShare).toBe(0)
  })
})

describe('worms', () => {
  const eels = (school: string, actions: readonly DayAction[] = []) =>
    course('vinegar-eel', 22, 160, { school, actions })
  it('vinegar eels are the denser the wider their surface', () => {
    const [full, neck, wide] = ['full-bottle', 'neck', 'low-and-wide'].map(
      s => eels(s).days[90]!.perMl!,
    )
    expect(neck! / full!).toBeGreaterThan(2)
    expect(wide! / neck!).toBeGreaterThan(1.2)
  })
  it('lowering the level of a full bottle makes three to four times as many within days', () => {
    const before = eels('full-bottle').days[90]!.perMl!
    const after = eels('full-bottle', [{ day: 90, kind: 'lower' }]).days
    expect(after[90]!.perMl!).toBeCloseTo(before, 6)
    const gain = after[100]!.perMl! / before
    expect(gain).toBeGreaterThan(2.5)
    expect(gain).toBeLessThan(4.2)
  })
  it('a stir alone rouses no vinegar eels', () => {
    const [still, stirred] = [eels('neck'), eels('neck', daily('stir', 5, 20, 3))]
    expect(stirred!.days[20]!.perMl).toBe(still!.days[20]!.perMl)
  })
  it('undiluted vinegar is slower', () => {
    expect(eels('undiluted').readyDay!.p50).toBeGreaterThan(1.2 * eels('neck').readyDay!.p50)
  })
  it.each(['microworm', 'banana-worm', 'walter-worm'])(
    '%s give 20 to 120 mg wet on 100 cm2 a day',
    id => {
      const food = foodOf(id)!
      for (const m of food.methods) {
        const { days } = course(id, 24, 20, { school: m.id })
        const hundreds = (m.vessel.volumeL * 1000) / m.vessel.depthCm / 100
        const best = Math.max(...days.map(d => d.surplusPerDay))
        const wetMg = (best * food.profile.dryUg * WET) / 1000 / hundreds
        expect(wetMg).toBeGreaterThan(20)
        expect(wetMg).toBeLessThan(120)
      }
    },
  )
  it('blackworms double in 10 to 14 days where they are stirred, in 25 to 40 where not', () => {
    const doubled = (more: Course) => {
      const { days } = course('blackworm', 23, 60, more)
      return days.find(d => d.organisms >= 2 * days[0]!.organisms)!.day
    }
    const stirred = [doubled({ school: 'stirred' }), doubled({ actions: daily('stir', 0, 60, 3) })]
    for (const day of stirred) {
      expect(day).toBeGreaterThanOrEqual(10)
      expect(day).toBeLessThanOrEqual(14)
    }
    expect(doubled({})).toBeGreaterThanOrEqual(25)
    expect(doubled({})).toBeLessThanOrEqual(40)
  })
  it('white worms are first harvested after 40 to 90 days at 15 °C', () => {
    for (const m of foodOf('white-worm')!.methods) {
      const { readyDay } = course('white-worm', 15, 120, { school: m.id })
      expect(readyDay!.p50).toBeGreaterThan(40)
      expect(readyDay!.p50).toBeLessThan(90)
    }
  })
})

describe('rotifers', () => {
  const schools = foodOf('rotifer')!.methods.map(m => m.id)
  it.each(schools.flatMap(s => [0.2, 0.35].map(share => [s, share] as const)))(
    '%s, %d drawn a day: at most 15 %% are lost in a week',
    (school, share) => {
      const actions = daily('takeOut', 6, 27, 1, share)
      const weeks = 3
      const { failedShare } = course('rotifer', 25, 6 + 7 * weeks, { school, actions, runs: 150 })
      expect(1 - (1 - failedShare) ** (1 / weeks)).toBeLessThan(0.15)
    },
  )
})

describe('copepods', () => {
  it('are ready in two weeks, and a tended vessel lasts for months', () => {
    const { readyDay } = course('copepod', 26, 40)
    expect(readyDay!.p50).toBeGreaterThan(7)
    expect(readyDay!.p50).toBeLessThan(18)
    const actions = daily('takeOut', 14, 73, 1, 0.12)
    expect(course('copepod', 26, 74, { actions, runs: 100 }).failedShare).toBeLessThan(0.3)
  })
})

describe('what is seen and said', () => {
  it('hungry fleas gather at walls in clear water and are pale; red is the strain or the crowd', () => {
    const unfed = course('moina', 25, 6, { actions: never('feed') }).days[5]!.look
    expect(unfed.gathering!.grade).toBeGreaterThan(1.5)
    expect(unfed.cloudiness!.grade).toBeLessThan(0.8)
    expect(unfed.tint!.grade).toBeLessThan(0.5)
    const [usual, red] = ['usual', 'red'].map(kind => course('moina', 25, 6, { kind }).days[5]!)
    expect(red!.look.tint!.grade - usual!.look.tint!.grade).toBeGreaterThan(1)
    expect(red!.readiness).toBe(usual!.readiness)
  })
  it('advice on algae speaks of no animal under a lens', () => {
    for (const id of ['green-water', 'marine-phytoplankton'])
      for (const cause of ['starved', 'dense', 'contaminated', 'poisoned', 'old'] as const) {
        const { action, confirm } = adviceOn(cause, foodOf(id)!)
        expect(`${action} ${confirm}`).not.toMatch(/animal|lens|cloth|moves/)
      }
  })
})

describe('schools of a food', () => {
  const minutes = (m: FoodMethod) =>
    m.start.length + m.start.reduce((sum, s) => sum + (s.clockMinutes ?? 0), 0) / 10
  const work = (m: FoodMethod) =>
    m.upkeep.reduce((sum, u) => sum + 24 / u.everyH, 0) + (m.feed?.everyDays ?? 0) / 7
  const ratio = (a: number, b: number) => Math.max(a, b) / Math.max(1e-9, Math.min(a, b))
  function figures(f: Food, m: FoodMethod) {
    const t = (f.rangeC[0] + f.rangeC[1]) / 2
    const { days, readyDay } = course(f.profile.id, t, 120, { school: m.id })
    const best = Math.max(...days.map(d => d.surplusPerDay)) / m.vessel.volumeL
    return { ready: readyDay?.p50 ?? 999, failure: failureOf(f, m), best }
  }
  const grown = foods.filter(f => f.profile.family !== 'hatch' && f.methods.length > 1)
  it.each(grown.map(f => [f.profile.id, f] as const))('%s: any two differ', (_, f) => {
    const all = f.methods.map(m => ({ m, ...figures(f, m) }))
    for (const [i, a] of all.entries())
      for (const b of all.slice(i + 1)) {
        const differs =
          ratio(a.ready, b.ready) > 1.1 ||
          ratio(a.best, b.best) > 1.1 ||
          Math.abs(a.failure - b.failure) >= 0.02 ||
          Math.abs(minutes(a.m) - minutes(b.m)) >= 1 ||
          Math.abs(work(a.m) - work(b.m)) > 0.1 ||
          ratio(a.m.renewAfterDays, b.m.renewAfterDays) > 1.2
        expect(differs, `${a.m.id} and ${b.m.id}`).toBe(true)
      }
  })
})
