import { spawnSync } from 'node:child_process'
import { describe, expect, it } from 'vitest'
import { call } from './call'

/** The same as a script would call it. */
const spawned = (args: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'tools/core.ts', ...args], {
    input,
    encoding: 'utf8',
  })

describe('headless', () => {
  it('salt and salt-of agree', async () => {
    const { out } = await call(['salt'], { volumeL: 2, targetGL: 26, salt: 'fine', measures: 'us' })
    expect(out).toMatchObject({ grams: 52, sg25: 1.0182 })
    const back = await call(['salt-of'], { volumeL: 2, salt: 'fine', spoons: out!.spoons })
    expect(back.out!.gPerL).toBeCloseTo(26 + Number(out!.errorGL), 6)
  })

  it('hatch gives curve, factors, pulls and warnings', async () => {
    const { out } = await call(['hatch'], {
      vesselL: 2,
      cystsG: 16,
      saltGL: 25,
      temperatureC: [{ h: 0, c: 25 }],
      pullsAtH: [36, 24],
    })
    expect(out).toMatchObject({ hatchFactors: { density: 0.85 }, warnings: ['over-2-g-per-L'] })
    expect(out!.at).toHaveLength(31)
    expect(
      (out!.pulls as unknown as { h: number; useful: number }[]).map(p => [
        p.h,
        Math.round(p.useful * 100),
      ]),
    ).toEqual([
      [24, 60],
      [36, 33],
    ])
    expect(
      (await call(['hatch'], { vesselL: 1, cystsG: 1, saltGL: 25, temperatureC: 5 })).out,
    ).toMatchObject({
      t10h: null,
      best: null,
      warnings: expect.arrayContaining(['never']) as never,
    })
  })

  it('species and ladder: a list without input, days that sum to one, gaps, and refusals', async () => {
    const list = (await call(['species'])).out!.species as unknown as {
      id: string
      source: string
    }[]
    expect(list.length).toBeGreaterThanOrEqual(34)
    expect(list.every(s => s.source.length > 5)).toBe(true)
    const { out } = await call(['ladder'], {
      species: 'small',
      temperatureC: 26,
      fry: 100,
      tankL: 20,
      startOn: '2026-03-01',
      days: 20,
      foods: ['brine-shrimp'],
      mealsPerDay: 3,
    })
    expect(
      (out!.days as unknown as { share: Record<string, number> }[]).map(
        d => d.share['brine-shrimp'],
      ),
    ).toContain(1)
    expect(out!.gaps).toEqual([{ from: 0, to: expect.any(Number) as number }])
    expect(
      (
        await call(['ladder'], {
          species: 'unicorn',
          temperatureC: 26,
          fry: 100,
          tankL: 20,
          startOn: '2026-03-01',
          days: 20,
        })
      ).error,
    ).toMatchObject({ code: 'bad-input', path: 'species' })
    expect(
      (
        await call(['ladder'], {
          species: 'small',
          temperatureC: 26,
          fry: -3,
          tankL: 20,
          startOn: '2026-03-01',
          days: 20,
        })
      ).error,
    ).toMatchObject({ path: 'fry' })
  })

  it('foods and simulate: days, bands, a warning outside of the living range, actions in any order, and refusals', async () => {
    const list = (await call(['foods'])).out!.foods as unknown as {
      id: string
      methods: string[]
    }[]
    expect(list.length).toBeGreaterThanOrEqual(18)
    expect(list.find(f => f.id === 'moina')!.methods).toContain('green-water')
    const moina = {
      food: 'moina',
      method: 'yeast',
      setup: { volumeL: 10 },
      temperatureC: 26,
      days: 20,
    }
    const { out } = await call(['simulate'], {
      ...moina,
      runs: 20,
      seed: 4,
      temperatureC: [
        { day: 5, c: 24 },
        { day: 0, c: 26 },
      ],
    })
    const days = out!.days as unknown as {
      day: number
      organismsPerMl: number
      p10: number
      p90: number
    }[]
    expect(days).toHaveLength(21)
    expect(days[20]!.p10).toBeLessThan(days[20]!.p90)
    const actions = [
      { day: 9, kind: 'takeOut', amount: 0.5, unit: 'share' },
      { day: 2, kind: 'waterChange' },
    ]
    expect((await call(['simulate'], { ...moina, actions })).out).toEqual(
      (await call(['simulate'], { ...moina, actions: [...actions].reverse() })).out,
    )
    expect((await call(['simulate'], { ...moina, temperatureC: 41 })).out).toMatchObject({
      warnings: ['outside-living-range'],
      failedShare: 1,
      readyDay: null,
    })
    expect((await call(['simulate'], { ...moina, method: 'magic' })).error).toMatchObject({
      code: 'bad-input',
      path: 'method',
    })
    expect((await call(['simulate'], { ...moina, setup: { volumeL: 0 } })).error).toMatchObject({
      path: 'setup.volumeL',
    })
  })

  it('estimate: bands, chances that sum to one, what moved it, and remarks on what cannot be', async () => {
    const setup = {
      food: 'microworm',
      method: 'oats',
      startedAt: '2026-03-01T12:00:00Z',
      temperatureC: 23,
      volumeL: 0.3,
    }
    const entries = [
      { at: '2026-03-05T08:00:00Z', kind: 'look', signs: { movers: 2, climbing: 2, smell: 0 } },
      { at: '2026-03-05T09:00:00Z', kind: 'action', action: 'takeOut', amount: 0.2, unit: 'share' },
      { at: '2026-02-01', kind: 'count', animals: 5, ml: 1 },
    ]
    const { out } = await call(['estimate'], { setup, entries, at: '2026-03-06' })
    const e = out as unknown as {
      density: { p10: number; p50: number; p90: number }
      stages: Record<string, number>
      readyOn: { p50: string }
      moves: { entry: number }[]
      remarks: unknown[]
      pFailed: number
      nextLook: { sign: string }
    }
    expect(e.density.p10).toBeLessThan(e.density.p90)
    expect(Object.values(e.stages).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 6)
    expect(e.readyOn.p50 > '2026-03-03' && e.readyOn.p50 < '2026-03-08').toBe(true)
    expect(e.moves.map(m => m.entry)).toEqual([0])
    expect(e.remarks).toEqual([{ code: 'before-start', entry: 2 }])
    expect(
      (await call(['estimate'], { setup, entries, at: '2026-03-06', seed: 2 })).out!.density,
    ).not.toEqual(out!.density)
    expect(
      (await call(['estimate'], { setup: { ...setup, method: 'magic' }, at: '2026-03-06' })).error,
    ).toMatchObject({ code: 'bad-input', path: 'setup.method' })
    expect(
      (
        await call(['estimate'], {
          setup,
          entries: [{ at: 'noon', kind: 'refused' }],
          at: '2026-03-06',
        })
      ).error,
    ).toMatchObject({ path: 'entries.0.at' })
  })

  it('hatch by school: what each sets, and what its pulls bring', async () => {
    const bottle = { vesselL: 2, cystsG: 2, saltGL: 25, temperatureC: 26 }
    const of = async (school: string, more = {}) =>
      (await call(['hatch'], { ...bottle, school, ...more })).out as unknown as {
        nauplii: number
        t50h: number
        best: { h: number }
        pulls: { h: number; useful: number; hatchedFraction: number }[]
      }
    const one = await of('one-pull')
    expect(one.pulls.map(p => p.h)).toEqual([one.best.h])
    const two = await of('two-pulls')
    expect(two.pulls).toHaveLength(2)
    expect(two.pulls[0]!.useful + two.pulls[1]!.useful).toBeGreaterThan(one.pulls[0]!.useful)
    expect((await of('dark')).nauplii / one.nauplii).toBeCloseTo(0.8, 6)
    expect((await of('decapsulated')).t50h / one.t50h).toBeCloseTo(0.8, 1)
    const kept = await of('keep-and-draw', { pullsAtH: [30, 42, 54] })
    expect(kept.pulls[0]!.hatchedFraction).toBeCloseTo(1 / 3, 1)
    expect(kept.pulls[2]!.useful).toBeLessThan(kept.pulls[0]!.useful)
    expect((await call(['hatch'], { ...bottle, school: 'boiled' })).error).toMatchObject({
      path: 'school',
    })
  })

  it('temperatures and alarms: a logger’s text to readings, readings to what is called', async () => {
    const text = 'Time;Temp\n24.03.2026 05:30;26,1\n24.03.2026 05:40;26,2'
    const { out } = await call(['temperatures'], { text, timeZone: 'Europe/Berlin' })
    expect(out).toMatchObject({
      readings: [
        { at: '2026-03-24T04:30:00.000Z', c: 26.1 },
        { at: '2026-03-24T04:40:00.000Z', c: 26.2 },
      ],
      guessed: { order: 'dmy', unit: 'C', decimal: ',' },
      skipped: [],
    })
    expect((await call(['temperatures'], { text, timeZone: 'Mars' })).error).toMatchObject({
      path: 'timeZone',
    })
    const readings = Array.from({ length: 80 }, (_, i) => ({
      at: new Date(Date.UTC(2026, 2, 24, 5, i)).toISOString(),
      value: 26 + i / 10,
    }))
    const called = (await call(['alarms'], { readings, rules: 'brine-shrimp', place: 'Rack A' }))
      .out
    expect(called).toMatchObject({ events: [{ kind: 'warning' }, { kind: 'alarm' }] })
    const rules = { low: 20, high: 30 }
    expect((await call(['alarms'], { readings, rules })).out).toMatchObject({
      events: [{ kind: 'warning' }, { kind: 'alarm', at: '2026-03-24T05:42:00.000Z' }],
    })
    expect((await call(['alarms'], { readings, rules: 'unicorn' })).error).toMatchObject({
      code: 'bad-input',
    })
  })

  it('decapsulate and soda: amounts for this bottle and this water; what is to come says so', async () => {
    const bleach = { percent: 8.25, as: 'sodium-hypochlorite', by: 'mass' }
    const { out } = await call(['decapsulate'], { cystsG: 4, bleach })
    expect(out).toMatchObject({ status: 'ok', minutes: { lookFrom: 3 }, limitsC: { most: 35 } })
    expect(
      (await call(['decapsulate'], { cystsG: 4, bleach: { percent: 5 } })).error,
    ).toMatchObject({
      path: 'bleach.as',
    })
    const soda = await call(['soda'], { volumeL: 2, pH: 7.2 })
    expect(soda.out).toMatchObject({ firstG: 1, mostG: 4 })
    expect((await call(['soda'], { volumeL: 2, pH: 7.2, proven: 0.8 })).out!.firstG).toBe(1.6)
    expect((await call(['soda'], { volumeL: 2, pH: 8.4 })).out).toMatchObject({ firstG: 0 })
    expect((await call(['soda'], { volumeL: 2, pH: 8.4, kHdeg: 1 })).out!.firstG).toBe(1)
  })

  it('gel-formula and gel-batch: a mix that keeps its targets, what clashes, and the example of the book', async () => {
    const batch = {
      trays: 1,
      trayMl: 180,
      parts: 3,
      lossShare: 0.04,
      powderGPerMl: 0.55,
      measures: 'metric',
    }
    const habit = (await call(['gel-batch'], { ...batch, airFactor: 1 })).out as unknown as Record<
      string,
      number
    >
    expect([habit.totalMl, habit.powderMl, habit.waterMl]).toEqual([187.2, 46.8, 140.4])
    const real = (
      await call(['gel-batch'], {
        ...batch,
        trayMl: undefined,
        cell: { n: 20, l: 20, w: 30, h: 15 },
        solidShare: 0.41,
      })
    ).out as unknown as Record<string, number>
    expect(real.powderMl).toBeCloseTo(54.9, 1)
    expect(real.waterMl).toBeCloseTo(164.7, 1)
    const targets = { protein: [48, 55], fat: [8, 16], fibre: [0, 6], ash: [0, 14] }
    const ingredients = [
      { id: 'fish-meal', costPerKg: 8 },
      { id: 'wheat-flour', costPerKg: 2 },
      { id: 'own', costPerKg: 3, values: { protein: 30, fat: 30, fibre: 1, ash: 5, moisture: 8 } },
    ]
    const found = (await call(['gel-formula'], { ingredients, targets, objective: 'cost' }))
      .out as unknown as {
      status: string
      mix: { share: number }[]
      composition: Record<string, number>
      costPerKg: number
      objective: number
    }
    expect(found.status).toBe('optimal')
    expect(found.objective).toBeCloseTo(found.costPerKg, 6)
    expect(Object.values(found.composition).reduce((a, b) => a + b, 0)).toBeCloseTo(100, 2)
    expect(
      (await call(['gel-formula'], { ingredients: [{ id: 'oats', costPerKg: 2 }], targets })).out,
    ).toMatchObject({
      status: 'infeasible',
      mix: [],
      clashes: expect.arrayContaining([
        expect.objectContaining({ of: 'protein', bound: 'least' }),
      ]) as never,
    })
  })

  it('answers a script: one document and exit 0, or one error on standard error and exit 2', () => {
    const good = spawned(['salt'], '{"volumeL":2,"targetGL":26,"salt":"fine","measures":"us"}')
    expect([good.status, (JSON.parse(good.stdout) as { grams: number }).grams]).toEqual([0, 52])
    const bad = spawned(['brew'])
    expect([bad.status, bad.stdout]).toEqual([2, ''])
    expect(bad.stderr).toContain('"code":"unknown-command"')
  })

  it('schema prints both sides', async () => {
    expect(Object.keys((await call(['schema', 'hatch'])).out!)).toEqual(['input', 'output'])
  })
}, 60_000)
