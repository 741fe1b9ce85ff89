import fc from 'fast-check'
import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { formulate } from '@renatus/core/gel/formulate'
import { distanceScale, middleOf, type Choice } from '@renatus/core/gel/formulaProgram'
import { NUTRIENTS } from '@renatus/core/gel/composition'
import type { Range, Targets } from '@renatus/core/gel/targets'
import { choiceOf, kitchenIngredients } from '@renatus/core/stock/gelKitchen'
import { targetsFor } from '@renatus/core/gel/targets'
import { highsSolver, type HighsLike, type Solver } from '@renatus/core/math/solver'
import { bestVertex, type Row } from './vertices'

let solver: Solver
beforeAll(async () => {
  solver = highsSolver((await highsLoader()) as unknown as HighsLike)
})

const percent = (most: number) => fc.integer({ min: 0, max: most })
const ingredient = fc.record({
  protein: percent(60),
  fat: percent(15),
  fibre: percent(15),
  ash: percent(10),
  max: fc.constantFrom(0.4, 0.6, 1),
  min: fc.constantFrom(0, 0, 0.05),
  costPerKg: fc.integer({ min: 1, max: 40 }),
})
const choices = fc.array(ingredient, { minLength: 2, maxLength: 6 }).map(list =>
  list.map(({ min, max, costPerKg, ...nutrients }, i): Choice => ({
    id: `i${i}`,
    nutrients,
    min,
    max,
    costPerKg,
  })),
)
const range = (lo: number, hi: number) =>
  fc.tuple(percent(lo), percent(hi)).map(([a, b]): Range => [a, a + b])
const targets = fc.record({
  protein: range(40, 25),
  fat: range(8, 10),
  fibre: fc.constant<Range>([0, 12]),
  ash: fc.constant<Range>([0, 9]),
})

/** Rows of the constraints, written down once more and by hand: sum, bounds and targets. */
function rows(list: readonly Choice[], t: Targets, extra = 0): Row[] {
  const pad = (a: number[]) => [...a, ...Array.from({ length: extra }, () => 0)]
  const unit = (i: number) => pad(list.map((_, k) => (k === i ? 1 : 0)))
  return [
    ...list.flatMap((c, i): Row[] => [
      { a: unit(i), at: 'least', b: c.min },
      { a: unit(i), at: 'most', b: c.max },
    ]),
    ...NUTRIENTS.flatMap((n): Row[] =>
      t[n]
        ? [
            { a: pad(list.map(c => c.nutrients[n])), at: 'least', b: t[n][0] },
            { a: pad(list.map(c => c.nutrients[n])), at: 'most', b: t[n][1] },
          ]
        : [],
    ),
  ]
}

describe('formulate', () => {
  it('finds the least cost that trying every corner finds, and says so where there is none', () => {
    fc.assert(
      fc.property(choices, targets, (list, t) => {
        const found = formulate(list, t, 'cost', solver)
        const best = bestVertex(
          list.map(c => c.costPerKg),
          rows(list, t),
          [{ a: list.map(() => 1), b: 1 }],
        )
        if (found.status !== 'optimal') {
          expect(best).toBeNull()
          return
        }
        expect(found.objective).toBeCloseTo(best!, 6)
        expect(found.mix.reduce((s, m) => s + m.share, 0)).toBeCloseTo(1, 6)
        expect(Object.values(found.composition).reduce((a, b) => a + b, 0)).toBeCloseTo(100, 2)
        for (const n of NUTRIENTS) expect(found.composition[n]).toBeGreaterThan(t[n]![0] - 1e-5)
      }),
      { seed: 8, numRuns: 40 },
    )
  })

  it('finds the nearest mix that trying every corner finds', () => {
    fc.assert(
      fc.property(
        fc.array(ingredient, { minLength: 2, maxLength: 4 }),
        range(35, 20),
        (raw, protein) => {
          const list = raw.map(({ min: _, max: __, costPerKg, ...nutrients }, i): Choice => ({
            id: `i${i}`,
            nutrients,
            min: 0,
            max: 1,
            costPerKg,
          }))
          const t: Targets = { protein, fat: [4, 12] }
          const found = formulate(list, t, 'nearest', solver)
          // One more variable for each target: the distance, above both of value - middle and middle - value.
          const both = (['protein', 'fat'] as const).flatMap((n, k): Row[] => {
            const scale = distanceScale(t[n]!)
            const own = [0, 1].map(j => (j === k ? 1 : 0))
            return [
              {
                a: [...list.map(c => -c.nutrients[n] / scale), ...own],
                at: 'least',
                b: -middleOf(t[n]!) / scale,
              },
              {
                a: [...list.map(c => c.nutrients[n] / scale), ...own],
                at: 'least',
                b: middleOf(t[n]!) / scale,
              },
            ]
          })
          const best = bestVertex(
            [...list.map(() => 0), 1, 1],
            [...rows(list, t, 2), ...both],
            [{ a: [...list.map(() => 1), 0, 0], b: 1 }],
          )
          if (found.status !== 'optimal') {
            expect(best).toBeNull()
            return
          }
          expect(found.objective).toBeCloseTo(best!, 6)
        },
      ),
      { seed: 9, numRuns: 15 },
    )
  })

  it('takes the fewest: no smaller set of the ingredients keeps the targets', () => {
    fc.assert(
      fc.property(choices, targets, (list, t) => {
        const found = formulate(list, t, 'fewest', solver)
        if (found.status !== 'optimal') return
        const forced = list.filter(c => c.min > 0).length
        expect(found.objective).toBe(found.mix.length)
        for (let set = 0; set < 2 ** list.length; set++) {
          const some = list.filter((c, i) => c.min > 0 || (set >> i) % 2 === 1)
          if (
            some.length >= found.mix.length ||
            some.length < Math.max(1, forced) ||
            some.reduce((s, c) => s + c.max, 0) < 1
          )
            continue
          expect(
            bestVertex(
              some.map(() => 0),
              rows(some, t),
              [{ a: some.map(() => 1), b: 1 }],
            ),
          ).toBeNull()
        }
      }),
      { seed: 10, numRuns: 8 },
    )
  })

  it('breaks as few targets as it can, by the least, and names what would mend it', () => {
    const table = kitchenIngredients([])
    const pick = (...ids: string[]) =>
      ids.map(id =>
        choiceOf(
          table.find(i => i.id === id)!,
          { min: 0, max: 1 },
        ),
      )
    const found = formulate(
      pick('oats', 'peas'),
      targetsFor(10, 'carnivore'),
      'cost',
      solver,
      table.filter(i => i.role === 'feed').map(i => choiceOf(i, { min: 0, max: 1 })),
    )
    expect(found).toMatchObject({ status: 'infeasible' })
    if (found.status !== 'infeasible') return
    expect(found.clashes.map(c => `${c.of} ${c.bound}`)).toContain('protein least')
    expect(found.helpers.length).toBeGreaterThan(0)
    // What is offered as the relaxation holds: with the bounds that were reached there is a formula.
    const reached = { ...targetsFor(10, 'carnivore') } as Record<string, Range>
    for (const c of found.clashes)
      if (c.of in reached)
        reached[c.of] =
          c.bound === 'least'
            ? [c.reached - 1e-3, reached[c.of]![1]]
            : [reached[c.of]![0], c.reached + 1e-3]
    expect(formulate(pick('oats', 'peas'), reached as Targets, 'cost', solver).status).toBe(
      'optimal',
    )
    const mended = formulate(
      [...pick('oats', 'peas'), ...pick(...found.helpers.filter(h => h.settles).map(h => h.id))],
      targetsFor(10, 'carnivore'),
      'cost',
      solver,
    )
    if (found.helpers.some(h => h.settles)) expect(mended.status).toBe('optimal')
  })

  it('lets collagen bring a third of the protein at most, and counts minerals only where they are known', () => {
    const table = kitchenIngredients([])
    const of = (id: string, min = 0, max = 1) =>
      choiceOf(
        table.find(i => i.id === id)!,
        { min, max },
      )
    const found = formulate(
      [of('gelatin'), of('wheat-flour'), of('cod')],
      { protein: [40, 60] },
      'cost',
      solver,
    )
    if (found.status !== 'optimal') throw new Error(found.status)
    const gelatin = found.mix.find(m => m.id === 'gelatin')?.share ?? 0
    expect(gelatin * of('gelatin').nutrients.protein).toBeLessThanOrEqual(
      found.composition.protein / 3 + 1e-5,
    )
    // Krill's phosphorus is unknown: it neither helps nor harms.
    const withKrill = formulate(
      [of('krill-meal', 0.5, 0.5), of('cod')],
      { phosphorus: 0.9 },
      'cost',
      solver,
    )
    expect(withKrill.status).toBe('optimal')
    expect(formulate([of('wheat-flour')], { phosphorus: 0.9 }, 'cost', solver)).toMatchObject({
      status: 'infeasible',
      clashes: [{ of: 'phosphorus', bound: 'least', wanted: 0.9 }],
    })
  })

  it('says when shares cannot be the whole', () => {
    const c = (min: number, max: number, id: string): Choice => ({
      id,
      nutrients: { protein: 40, fat: 8, fibre: 2, ash: 5 },
      min,
      max,
      costPerKg: 1,
    })
    expect(formulate([c(0.7, 1, 'a'), c(0.7, 1, 'b')], {}, 'cost', solver)).toMatchObject({
      status: 'shares',
      bound: 'least',
      sum: 1.4,
    })
    expect(formulate([c(0, 0.3, 'a'), c(0, 0.3, 'b')], {}, 'cost', solver)).toMatchObject({
      status: 'shares',
      bound: 'most',
      sum: 0.6,
    })
    expect(formulate([], {}, 'cost', solver)).toEqual({ status: 'no-ingredients' })
  })
})
