import { productOfFactors } from '../dynamics/hatch/factors'
import type { Hatch } from '../dynamics/hatch/hatch'
import type { Reason } from '../reasons/reason'
import { lastPullH, type HatchCulture } from './hatchCultures'

/** What a pull at some hours after the start would bring, and why. */
export interface PullForecast {
  nauplii: number
  hatchedFraction: number
  energy: number
  why: Reason
}

/** Forecast of a pull: what hatched since the one before, less what died in the bottle, with the energy left in it. */
export function pullForecast(
  hatch: HatchCulture,
  model: Hatch,
  lot: { hatch: number; cystsPerG: number },
  hours: number,
): PullForecast {
  const h = Math.max(0, hours)
  const since = lastPullH(hatch)
  const { hatchedFraction, useful } = model.curve.pull(h, since)
  // After T90 + 12 h what is left dies; a bottle that was pulled before holds only the late ones.
  const alive =
    since === 0 && hatchedFraction > 0 ? model.curve.aliveAt(h) / model.curve.hatchedAt(h) : 1
  const nauplii = model.nauplii * hatchedFraction * alive
  return {
    nauplii,
    hatchedFraction,
    energy: hatchedFraction > 0 ? Math.min(1, useful / hatchedFraction) : 1,
    why: {
      result: { label: 'nauplii to draw', value: nauplii, unit: 'nauplii' },
      rule:
        since > 0
          ? 'What hatches in all, times the share that hatched since the last pull.'
          : 'What hatches in all, times the share that has hatched, times the share still alive.',
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
          label:
            since > 0
              ? `hatched between ${since.toFixed(1)} and ${h.toFixed(1)} h`
              : `hatched by ${h.toFixed(1)} h`,
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
