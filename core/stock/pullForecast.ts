import { productOfFactors } from '../dynamics/hatch/factors'
import type { Hatch } from '../dynamics/hatch/hatch'
import type { Reason } from '../reasons/reason'
import { draws, evenShares, wholePulls, type Draw, type Drawn } from '../dynamics/hatch/draws'
import type { HatchCulture } from './hatchCultures'
import { waysOf } from './hatchPulls'

/** What a pull at some hours after the start would bring, and why. */
export interface PullForecast {
  nauplii: number
  hatchedFraction: number
  energy: number
  why: Reason
}

/** Shares that past pulls took of what swam then: what was counted out of a bottle that is kept, all of it elsewhere. */
function pastDraws(hatch: HatchCulture, model: Hatch): Draw[] {
  if (waysOf(hatch).pulls !== 'each') return hatch.pulls.map(p => ({ h: p.h, share: 1 }))
  const past: Draw[] = []
  for (const p of hatch.pulls) {
    const there = draws(model.curve, [...past, { h: p.h, share: 1 }]).at(-1)!.hatchedFraction
    const swam = there * model.nauplii
    past.push({ h: p.h, share: swam > 0 ? Math.min(1, p.nauplii / swam) : 1 })
  }
  return past
}

/** Forecasts of the pulls to come at some hours after the start, one after the other. */
export function pullForecasts(
  hatch: HatchCulture,
  model: Hatch,
  lot: { hatch: number; cystsPerG: number },
  hours: readonly number[],
): PullForecast[] {
  const past = pastDraws(hatch, model)
  const least = past.at(-1)?.h ?? 0
  const at = hours.map(h => Math.max(least, h))
  const to = waysOf(hatch).pulls === 'each' ? evenShares(at) : wholePulls(at)
  return draws(model.curve, [...past, ...to])
    .slice(past.length)
    .map((d, i) => forecastOf(hatch, model, lot, d, past.length + i > 0 ? (at[i - 1] ?? least) : 0))
}

/** Forecast of a pull: what hatched since the one before, less what died in the bottle, with the energy left in it. */
export const pullForecast = (
  hatch: HatchCulture,
  model: Hatch,
  lot: { hatch: number; cystsPerG: number },
  hours: number,
): PullForecast => pullForecasts(hatch, model, lot, [hours])[0]!

function forecastOf(
  hatch: HatchCulture,
  model: Hatch,
  lot: { hatch: number; cystsPerG: number },
  { h, hatchedFraction: drawn, useful }: Drawn,
  since: number,
): PullForecast {
  const fresh = model.curve.pull(h, since).hatchedFraction
  const keeps = waysOf(hatch).pulls === 'each'
  const hatchedFraction = keeps ? drawn : fresh
  const alive = hatchedFraction > 0 ? drawn / hatchedFraction : 1
  const nauplii = model.nauplii * drawn
  return {
    nauplii,
    hatchedFraction,
    energy: drawn > 0 ? Math.min(1, useful / drawn) : 1,
    why: {
      result: { label: 'nauplii to draw', value: nauplii, unit: 'nauplii' },
      rule: ruleOf(keeps, since),
      formula: 'cysts * perGram * hatch * factors * hatched * alive',
      inputs: [
        {
          key: 'cysts',
          label: 'cysts put in',
          value: hatch.setup.cystsG,
          unit: 'g',
          from: 'the log',
        },
        {
          key: 'perGram',
          label: 'cysts per gram',
          value: lot.cystsPerG,
          unit: '/g',
          from: 'the lot',
        },
        {
          key: 'hatch',
          label: 'share that hatches',
          value: lot.hatch,
          unit: '',
          from: 'the lot, corrected by your counts',
        },
        {
          key: 'factors',
          label: 'salt, pH, crowding, light and temperature together',
          value: productOfFactors(model.factors),
          unit: '',
          from: 'model',
        },
        {
          key: 'hatched',
          label: keeps ? `drawn at ${h.toFixed(1)} h` : hatchedText(since, h),
          value: hatchedFraction,
          unit: '',
          from: 'hatch curve at the temperatures logged',
        },
        {
          key: 'alive',
          label: 'of these alive',
          value: alive,
          unit: '',
          from: '2 % an hour die from T90 + 12 h',
        },
      ],
      source: 'Vanhaecke & Sorgeloos 1982, 1983; Lavens & Sorgeloos 1996',
    },
  }
}

const hatchedText = (since: number, h: number) =>
  since > 0
    ? `hatched between ${since.toFixed(1)} and ${h.toFixed(1)} h`
    : `hatched by ${h.toFixed(1)} h`

function ruleOf(keeps: boolean, since: number): string {
  if (keeps) return 'What hatches in all, times the share that is drawn of what swims now.'
  return since > 0
    ? 'What hatches in all, times the share that hatched since the last pull.'
    : 'What hatches in all, times the share that has hatched, times the share still alive.'
}
