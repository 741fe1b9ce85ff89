import { LOT_DEFAULTS } from '../../dynamics/hatch/parameters'
import type { Entry } from '../../records/entries'
import type { Lot } from '../../records/records'
import type { HatchCulture } from '../../stock/hatchCultures'
import { weightsOf } from '../cloud'
import { replay } from '../replay'
import { beliefOf, drifted, drawer, independent, type Belief } from './belief'
import { hatchObservations, hatchSubject } from './hatchSubject'

/** How far the figures on a tin may be off, log sd; what the tin does not name lies around the household's figure. */
export const TIN_LOG_SD = 0.25
const BEFORE = { hatchShare: TIN_LOG_SD, speed: 0.08, spread: 0.15 } as const
export type LotKey = keyof typeof BEFORE
/** From bottle to bottle an opened tin drifts, and bottles are not alike, log sd. */
const DRIFT: Record<LotKey, number> = { hatchShare: 0.03, speed: 0.005, spread: 0.005 }
export const LOT_BOOK: Record<LotKey, number> = {
  hatchShare: LOT_DEFAULTS.hatch,
  speed: LOT_DEFAULTS.speed,
  spread: LOT_DEFAULTS.spread,
}

/** What is believed of a lot when a bottle of it has been read, and what that was worked out from. */
export interface ChainLink {
  key: string
  belief: Belief
}

/** What the tin says. */
export const tinBelief = (lot: Pick<Lot, 'hatch' | 'speed' | 'spread'>): Belief =>
  independent({
    hatchShare: { mean: Math.log(lot.hatch / LOT_BOOK.hatchShare), sd: BEFORE.hatchShare },
    speed: { mean: Math.log(lot.speed / LOT_BOOK.speed), sd: BEFORE.speed },
    spread: { mean: Math.log(lot.spread / LOT_BOOK.spread), sd: BEFORE.spread },
  })

/**
 * Reads the counted bottles of a lot one after another, each with what the ones before it taught: hatch share, speed and spread
 * are believed jointly, since a thin second pull may be a poor tin or a quick one.
 * @param hatches bottles of the lot, oldest first
 * @param step called after each bottle; false stops, and null is returned
 */
export function lotChain(
  lot: Lot,
  hatches: readonly HatchCulture[],
  entriesOf: (id: string) => readonly Entry[],
  pH: number,
  cache: Readonly<Record<string, ChainLink>>,
  step: () => boolean,
): { belief: Belief; links: Record<string, ChainLink>; counted: number } | null {
  let belief = tinBelief(lot)
  const links: Record<string, ChainLink> = {}
  let counted = 0
  for (const hatch of hatches) {
    const { observations, counts } = hatchObservations(hatch, entriesOf(hatch.id))
    // Without a count a bottle says nothing of its lot, and needs no model here.
    if (counts > 0) {
      counted++
      const prior = drifted(belief, DRIFT, BEFORE)
      const key = JSON.stringify([prior, lot.cystsPerG, hatch.setup, observations, pH])
      const known = cache[hatch.id]
      if (known?.key === key) belief = known.belief
      else {
        const last = observations.findLast(o => o.kind === 'density')!
        const { cloud } = replay(
          { ...hatchSubject(hatch, lot, pH), ...asPriors(prior), seed: counted, mishaps: false },
          observations,
          last.h,
        )
        belief = beliefOf(cloud, weightsOf(cloud), prior.keys, LOT_BOOK)
      }
      links[hatch.id] = { key, belief }
    }
    if (!step()) return null
  }
  return { belief, links, counted }
}

const asPriors = (b: Belief) => ({
  priors: Object.fromEntries(
    b.keys.map((key, i) => [key, { logShift: b.mean[i]!, logSd: Math.sqrt(b.cov[i]![i]!) }]),
  ),
  draws: drawer(b, LOT_BOOK),
})
