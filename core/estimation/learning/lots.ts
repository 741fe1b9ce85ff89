import { hatchProfile as profile } from '../../foods/hatchProfile'
import type { Lot } from '../../records/records'
import type { LotLearned } from '../../stock/learned'
import { LOT_BOOK, tinBelief, type LotKey } from './lotChain'
import type { Belief } from './belief'
import { asValue, pool, type Evidence } from './pool'

/** A lot cannot hatch better than this. */
const MOST = 0.98
/** How far the nauplii of a strain lie from the book's length, log sd (Vanhaecke & Sorgeloos 1980), and those of one lot from each other. */
const LENGTH_LOG_SD = 0.06
const NAUPLIUS_LOG_SD = 0.05

/** What counted bottles say of their lot, and the ruler of its nauplii. */
export function learnLot(
  lot: Lot,
  belief: Belief,
  counted: number,
  lengthsUm: readonly number[],
): LotLearned {
  const tin = tinBelief(lot)
  const learned = (key: LotKey, most?: number) => {
    const i = belief.keys.indexOf(key)
    const log = Math.log(LOT_BOOK[key])
    return asValue(
      { mean: belief.mean[i]! + log, sd: Math.sqrt(belief.cov[i]![i]!) },
      counted,
      Math.exp(tin.mean[i]! + log),
      most,
    )
  }
  const lengths = lengthsUm.map((um): Evidence => ({
    mean: Math.log(um),
    precision: 1 / NAUPLIUS_LOG_SD ** 2,
  }))
  return {
    hatch: learned('hatchShare', MOST),
    speed: learned('speed'),
    spread: learned('spread'),
    naupliiUm: asValue(
      pool({ mean: Math.log(profile.lengthUm), sd: LENGTH_LOG_SD, within: 0 }, lengths),
      lengths.length,
      profile.lengthUm,
    ),
  }
}
