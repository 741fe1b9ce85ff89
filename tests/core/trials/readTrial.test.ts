import { describe, expect, it } from 'vitest'
import { randomStream, type RandomStream } from '@renatus/core/math/random'
import { readTrial } from '@renatus/core/trials/readTrial'
import { pooledSpread } from '@renatus/core/trials/readLogs'
import { USUAL_SPREAD } from '@renatus/core/trials/arms'

const arm = (id: string, values: readonly number[]) => ({
  id,
  vessels: values.map(value => ({ value, logSd: 0 })),
})
const A = arm('A', [5.8, 6.1, 6.4])
const B = arm('B', [7.9, 8.6, 7.4])
const times = (...arms: ReturnType<typeof arm>[]) => readTrial({ measure: 'time', arms }, 1)

/** Trials whose truth is known: scatter as the prior has it; the second arm takes so many times as long as the first, or any. */
function simulated(trials: number, arms: number, factor: (r: RandomStream) => number) {
  const random = randomStream(7)
  const scatter = () => {
    const chi = [1, 2, 3].reduce(sum => sum + random.normal(0, 1) ** 2, 0)
    return USUAL_SPREAD.sd * Math.sqrt(USUAL_SPREAD.df / chi)
  }
  return Array.from({ length: trials }, () => {
    const sd = scatter()
    const means = Array.from({ length: arms }, () => Math.log(6) + factor(random))
    const jars = means.map((m, i) =>
      arm(
        String(i),
        [1, 2, 3].map(() => Math.exp(random.normal(m, sd))),
      ),
    )
    return { result: times(...jars), firstIsBest: means[0] === Math.min(...means) }
  })
}

describe('a trial', () => {
  it('of two arms of three jars says what a hand sum says', () => {
    const { sd, df } = pooledSpread([A, B], USUAL_SPREAD)
    expect(df).toBe(7)
    expect(sd).toBeCloseTo(0.2022, 4)
    const { arms, differences, settled, more } = times(A, B)
    const [d] = differences
    expect(Math.log(d!.ratio.p50)).toBeCloseTo(0.2659, 4)
    expect(d!.ratio.p10).toBeCloseTo(1.033, 2)
    expect(d!.ratio.p90).toBeCloseTo(1.648, 2)
    expect(d!.aBetter).toBeCloseTo(0.924, 3)
    expect(arms[0]!.best).toBeCloseTo(0.924, 3)
    expect(settled).toBe(false)
    expect(more).toBe(0)
  })

  it('of amounts takes the larger for the better, and of three arms chances that sum to one', () => {
    const amounts = readTrial({ measure: 'amount', arms: [A, B, arm('C', [20, 22, 25])] }, 3)
    expect(amounts.arms.reduce((sum, a) => sum + a.best, 0)).toBeCloseTo(1, 9)
    expect(amounts.arms[2]!.best).toBeGreaterThan(0.99)
    expect(amounts.settled).toBe(true)
    expect(amounts.differences).toHaveLength(3)
  })

  it('a vessel that is doubted says less', () => {
    const doubted = (a: typeof A) => ({ ...a, vessels: a.vessels.map(v => ({ ...v, logSd: 0.4 })) })
    const sure = times(A, B).differences[0]!.aBetter
    expect(times(doubted(A), doubted(B)).differences[0]!.aBetter).toBeLessThan(sure)
  })

  it('of many trials with a difference, what is said nine times in ten comes true so often', () => {
    const sides = simulated(4000, 2, r => r.normal(0, 0.6)).flatMap(t => {
      const p = t.result.arms[0]!.best
      return [
        { p, true: t.firstIsBest },
        { p: 1 - p, true: !t.firstIsBest },
      ]
    })
    const atNinety = sides.filter(s => s.p > 0.87 && s.p < 0.93)
    const right = atNinety.filter(s => s.true).length / atNinety.length
    expect(right).toBeGreaterThan(0.85)
    expect(right).toBeLessThan(0.95)
  })

  it('of arms that do not differ a winner is named in at most one trial in ten', () => {
    for (const arms of [2, 4]) {
      const settled = simulated(600, arms, () => 0).filter(t => t.result.settled).length / 600
      expect(settled, `${arms} arms`).toBeLessThanOrEqual(0.1)
    }
  })

  it('of shares knows a clear winner, and that a few counts settle nothing', () => {
    const share = (id: string, hits: readonly number[], of: number) => ({
      id,
      vessels: hits.map(hit => ({ hit, of })),
    })
    const clear = readTrial(
      { measure: 'share', arms: [share('A', [90, 92, 91], 100), share('B', [50, 48, 55], 100)] },
      1,
    )
    expect(clear.settled).toBe(true)
    expect(clear.arms[0]!.best).toBeGreaterThan(0.97)
    expect(clear.arms[0]!.mean).toBeGreaterThan(0.85)
    expect(clear.arms[0]!.mean).toBeLessThan(0.93)
    const few = readTrial({ measure: 'share', arms: [share('A', [3], 4), share('B', [2], 4)] }, 1)
    expect(few.settled).toBe(false)
    expect(few.arms[0]!.best).toBeGreaterThan(0.5)
    expect(few.arms[0]!.best).toBeLessThan(0.8)
  })

  it('says alike where nothing that matters lies between', () => {
    const same = [6, 6.02, 5.98, 6.01, 5.99, 6, 6.01, 6]
    const many = times(arm('A', [...same, ...same]), arm('B', [...same, ...same]))
    expect(many.alike).toBe(true)
    expect(many.settled).toBe(false)
  })
})
