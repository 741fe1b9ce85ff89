import { densityOf } from '../estimation/counting'
import { LOSS_SHARE, POWDER_G_PER_ML, powderBatch, SOLID_SHARE } from '../gel/batch'
import { randomStream, type RandomStream } from '../math/random'
import { SALT_DENSITY } from '../water/salinity'
import type { HandScenario } from './scenario'

/** Something to be measured or reckoned: what is given, and what is true. */
export interface HandQuestion {
  number: number
  /** What is asked, and in which unit the answer is. */
  asks: 'per-ml' | 'grams' | 'powder-ml'
  unit: string
  given: Readonly<Record<string, number | readonly number[]>>
  truth: number
  /** What the app would answer, and what a rule of thumb does. */
  advice: number
  fixed: number
}

const DROP_ML = 0.05
const DROPS = 6
const CUP_ML = 250
const SPOON_ML = 14.8
/** Salt of a spoon that was levelled: how far hands differ. */
const SPOON_SD = 0.06
/** How far powders differ in what they swell to. */
const SOLID_SD = 0.03

/** Animals of a mean in a drop: Knuth's product of uniforms for small means, the normal for large. */
function countIn(mean: number, chance: RandomStream): number {
  if (mean > 50) return Math.max(0, Math.round(chance.normal(mean, Math.sqrt(mean))))
  const floor = Math.exp(-mean)
  let [n, product] = [0, chance.next()]
  while (product > floor) {
    n++
    product *= chance.next()
  }
  return n
}

function drops(number: number, chance: RandomStream): HandQuestion {
  const truth = Math.exp(chance.normal(Math.log(200), 0.7))
  const counts = Array.from({ length: DROPS }, () => countIn(truth * DROP_ML, chance))
  const one = Math.max(1, counts[0]!) / DROP_ML
  const { perMl } = densityOf({ counts, dropMl: DROP_ML })
  return {
    number,
    asks: 'per-ml',
    unit: '/mL',
    given: { dropMl: DROP_ML, counts },
    truth,
    advice: Math.max(1, perMl),
    fixed: one,
  }
}

function salt(number: number, chance: RandomStream): HandQuestion {
  const isCoarse = chance.next() < 0.5
  const spoons = chance.integer(1, 6)
  const gPerMl = isCoarse ? SALT_DENSITY.coarse : SALT_DENSITY.fine
  const truth = spoons * SPOON_ML * gPerMl * Math.exp(chance.normal(0, SPOON_SD))
  return {
    number,
    asks: 'grams',
    unit: 'g',
    given: { spoons, spoonMl: SPOON_ML, coarse: isCoarse ? 1 : 0 },
    truth,
    advice: spoons * SPOON_ML * gPerMl,
    fixed: spoons * SPOON_ML,
  }
}

function tray(number: number, chance: RandomStream): HandQuestion {
  const fillMl = CUP_ML * chance.integer(1, 5)
  const parts = chance.integer(2, 4)
  const usual = { fillMl, parts, solidShare: SOLID_SHARE, lossShare: LOSS_SHARE }
  const rest = { gPerMl: POWDER_G_PER_ML, measures: 'metric' } as const
  const solidShare = SOLID_SHARE * Math.exp(chance.normal(0, SOLID_SD))
  return {
    number,
    asks: 'powder-ml',
    unit: 'mL',
    given: { fillMl, parts },
    truth: powderBatch({ ...usual, ...rest, solidShare }).powderMl,
    advice: powderBatch({ ...usual, ...rest }).powderMl,
    // As much water as the tray holds, and powder on top of it.
    fixed: fillMl / parts,
  }
}

const HANDS = { drops, salt, tray } as const

/** A question of the hand: the same for the same scenario, seed and number. */
export const handQuestion = (s: HandScenario, seed: number, number: number): HandQuestion =>
  HANDS[s.hand](number, randomStream(Math.imul(seed, 7919) + 60_000 + number))

/** An answer off by half or double is worth nothing; what it is worth falls with the logarithm of the error. */
export const handScore = (answer: number, truth: number): number =>
  answer > 0 ? Math.max(0, 1 - Math.abs(Math.log(answer / truth)) / Math.LN2) : 0
