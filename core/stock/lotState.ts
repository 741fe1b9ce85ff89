import { productOfFactors } from '../dynamics/hatch/factors'
import { ofKind } from '../records/effectiveEntries'
import type { Entry } from '../records/entries'
import type { Lot } from '../records/records'
import { hoursBetween, toMs, type Instant } from '../time/localDate'
import { modelOfRun, type HatchRun } from './hatchRuns'

/** How far the figure on a tin may be off: log standard deviation of the prior on the hatch share. */
export const TIN_LOG_SD = 0.25
/** Error of one count beyond chance: mixing, dilution, the drop itself. */
export const COUNT_LOG_SD = 0.15
const MOST = 0.98

export interface LotState {
  gramsLeft: number
  /** Grams a day over the last four weeks, or null before the first hatch. */
  gramsPerDay: number | null
  /** Hatch share: the tin's figure corrected by counts. */
  hatch: number
  /** 10 % and 90 % of what is believed of it. */
  hatchLow: number
  hatchHigh: number
  counts: number
  pricePerGram: number | null
}

/**
 * What is known of a lot: grams left, use, and hatch share learned from counted harvests.
 * The share is log-normal around the tin's figure; each count multiplies in (conjugate normal on the logarithm).
 */
export function lotState(lot: Lot, entries: readonly Entry[], runs: readonly HatchRun[], pH: number, now: Instant): LotState {
  const mine = runs.filter(r => r.setup.lotId === lot.id)
  const weighed = ofKind(entries, 'lot.weighed').filter(e => e.data.lotId === lot.id).at(-1)
  const since = weighed ? toMs(weighed.at) : -Infinity
  const usedSince = mine.filter(r => toMs(r.startedAt) > since).reduce((g, r) => g + r.setup.cystsG, 0)
  const learned = learnHatch(lot, ofKind(entries, 'hatch.harvested'), mine, pH)
  return {
    gramsLeft: Math.max(0, (weighed?.data.grams ?? lot.gramsAtStart) - usedSince),
    gramsPerDay: recentUse(mine, now),
    ...learned,
    pricePerGram: lot.price !== null && lot.priceGrams ? lot.price / lot.priceGrams : null,
  }
}

function recentUse(runs: readonly HatchRun[], now: Instant): number | null {
  const recent = runs.filter(r => hoursBetween(r.startedAt, now) <= 28 * 24)
  if (recent.length === 0) return null
  const days = Math.max(3, hoursBetween(recent[0]!.startedAt, now) / 24)
  return recent.reduce((g, r) => g + r.setup.cystsG, 0) / days
}

function learnHatch(lot: Lot, harvests: { data: { hatchId: string, nauplii: number, count: { animals: number } | null }, at: Instant }[], runs: readonly HatchRun[], pH: number) {
  let precision = 1 / TIN_LOG_SD ** 2
  let mean = Math.log(lot.hatch)
  let counts = 0
  const counted = new Map(harvests.filter(h => h.data.count !== null).map(h => [`${h.data.hatchId} ${h.at}`, h]))
  for (const run of runs) {
    // Only a counted bottle teaches; the others need no model here.
    if (!run.pulls.some(p => counted.has(`${run.id} ${p.at}`))) continue
    const model = modelOfRun(run, { ...lot, hatch: 1 }, pH)
    let takenUpTo = 0
    for (const pull of run.pulls) {
      const harvest = counted.get(`${run.id} ${pull.at}`)
      const share = model.curve.pull(pull.h, takenUpTo).hatchedFraction
      takenUpTo = pull.h
      const could = run.setup.cystsG * lot.cystsPerG * productOfFactors(model.factors) * share
      // A count of a bottle that had hardly begun says nothing of the lot.
      if (!harvest?.data.count || share < 0.1 || could <= 0) continue
      const seen = Math.max(harvest.data.nauplii, could * 0.005)
      const weight = 1 / (COUNT_LOG_SD ** 2 + 1 / Math.max(1, harvest.data.count.animals))
      mean = (mean * precision + Math.log(seen / could) * weight) / (precision + weight)
      precision += weight
      counts++
    }
  }
  const sd = Math.sqrt(1 / precision)
  const share = (z: number) => Math.min(MOST, Math.exp(mean + z * sd))
  return { hatch: counts === 0 ? lot.hatch : share(0), hatchLow: share(-1.2816), hatchHigh: share(1.2816), counts }
}
