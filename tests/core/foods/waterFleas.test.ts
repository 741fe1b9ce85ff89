import { describe, expect, it } from 'vitest'
import { foodOf } from '@renatus/core/foods/index'
import { simulate, type DayAction } from '@renatus/core/foods/simulate'

const RUNS = 150
const DAYS = 60
const base = (food: string, method: string, temperatureC: number, volumeL = 10) => {
  const f = foodOf(food)!
  return {
    food: f,
    method: f.methods.find(m => m.id === method)!,
    setup: { volumeL },
    temperature: () => temperatureC,
    days: DAYS,
    actions: [] as DayAction[],
    seed: 1,
    runs: 1,
  }
}
const median = (...at: Parameters<typeof base>) => simulate(base(...at))
/** Growth of the first week, 1/d, once they have settled in. */
function rate(...at: Parameters<typeof base>) {
  const { days } = median(...at)
  return Math.log(days[6]!.organisms / days[2]!.organisms) / 4
}
/** Share lost in 60 days where it is fed as its card says and so much is drawn a day once it is ready. */
function lost(draw: number, ...at: Parameters<typeof base>) {
  const ready = Math.ceil(median(...at).readyDay!.p50)
  const actions = Array.from({ length: DAYS - ready }, (_, i): DayAction => ({
    day: ready + i,
    kind: 'takeOut',
    amount: draw,
    unit: 'share',
  }))
  return simulate({ ...base(...at), actions, runs: RUNS }).failedShare
}

/** Per day and by day, as literature and practice have them. */
const PRACTICE: readonly {
  at: Parameters<typeof base>
  rate: readonly [number, number]
  ready: readonly [number, number]
}[] = [
  { at: ['moina', 'yeast', 26], rate: [0.35, 0.55], ready: [9, 14] },
  { at: ['moina', 'green-water', 26], rate: [0.5, 0.8], ready: [7, 11] },
  { at: ['daphnia-pulex', 'yeast', 20], rate: [0.2, 0.28], ready: [14, 21] },
  { at: ['daphnia-pulex', 'green-water', 20], rate: [0.26, 0.36], ready: [9, 16] },
  { at: ['daphnia-magna', 'yeast', 20], rate: [0.18, 0.26], ready: [16, 24] },
  { at: ['daphnia-magna', 'green-water', 20], rate: [0.24, 0.35], ready: [9, 16] },
]
const FLEAS = [
  ['moina', 26],
  ['daphnia-pulex', 20],
  ['daphnia-magna', 20],
] as const

describe('water fleas', () => {
  it.each(PRACTICE)('$at grow and are ready as in practice', ({ at, rate: r, ready }) => {
    expect(rate(...at)).toBeGreaterThanOrEqual(r[0])
    expect(rate(...at)).toBeLessThanOrEqual(r[1])
    const day = median(...at).readyDay!.p50
    expect(day).toBeGreaterThanOrEqual(ready[0])
    expect(day).toBeLessThanOrEqual(ready[1])
  })
  it.each(FLEAS)('%s: tended and drawn from 10 to 25 %% are lost in 60 days', (food, t) => {
    const yeast = lost(0.15, food, 'yeast', t)
    expect(yeast).toBeGreaterThanOrEqual(0.1)
    expect(yeast).toBeLessThanOrEqual(0.25)
  })
  it.each(FLEAS)('%s: never drawn from or never fed, most are lost', (food, t) => {
    expect(simulate({ ...base(food, 'yeast', t), runs: RUNS }).failedShare).toBeGreaterThan(0.5)
    const unfed = [{ day: 2 * DAYS, kind: 'feed' as const }]
    const starved = { ...base(food, 'yeast', t), actions: unfed, runs: RUNS }
    expect(simulate(starved).failedShare).toBeGreaterThan(0.5)
  })
  it.each(FLEAS)('%s: the school decides how risky it is', (food, t) => {
    const of = (method: string) => lost(0.15, food, method, t)
    const [tap, yeast, mix, three] = [
      of('conditioned-water'),
      of('yeast'),
      of('yeast-and-spirulina'),
      of('rolling-three'),
    ]
    expect(tap).toBeGreaterThan(yeast!)
    expect(yeast).toBeGreaterThan(mix!)
    expect(mix).toBeGreaterThan(three!)
    const poured = simulate({ ...base(food, 'pour-off', t), runs: RUNS }).failedShare
    expect(poured).toBeLessThan(yeast!)
    expect(lost(0.15, food, 'yeast', t, 60)).toBeLessThan(lost(0.15, food, 'yeast', t, 3))
  })
  it.each(FLEAS)('%s: an animal weighs in the ration what it weighs in its vessel', food => {
    const { profile, parameters } = foodOf(food)!
    const counted = parameters.dryMg!.median * 1000
    expect(profile.dryUg).toBeCloseTo(counted, 9)
    for (const size of profile.sizes) expect(size.dryUg).toBeCloseTo(counted, 9)
  })
})
