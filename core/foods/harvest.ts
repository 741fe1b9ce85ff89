import { copyCulture, runCulture, type Culture } from './culture'

/** Share of what is there that may be taken at once, whatever the model says. */
const MOST_AT_ONCE = 1 / 3

export interface TakeToday {
  share: number
  organisms: number
  volumeMl: number
  perMlAfter: number | null
}

/**
 * What may be taken today so that the culture is back at its present number by a date.
 * Solved by running the model of this very culture forward, by bisection on the share; 0 when it shrinks by itself until then.
 */
export function takeToday(
  c: Culture,
  daysUntilBack: number,
  temperature: (day: number) => number,
): TakeToday {
  const now = c.family.stock(c.state, c.params).organisms
  const after = (share: number) => {
    const trial = copyCulture(c)
    trial.family.act(trial.state, trial.params, { kind: 'takeOut', amount: share, unit: 'share' })
    // Nobody harvests it in between.
    runCulture(
      { ...trial, upkeep: trial.upkeep.filter(u => u.action !== 'takeOut') },
      daysUntilBack * 24,
      temperature,
      null,
    )
    return trial.family.stock(trial.state, trial.params).organisms
  }
  let lo = 0
  let hi = MOST_AT_ONCE
  if (after(hi) >= now) lo = hi
  else {
    for (let i = 0; i < 24; i++) {
      const middle = (lo + hi) / 2
      if (after(middle) >= now) lo = middle
      else hi = middle
    }
  }
  const taken = copyCulture(c)
  taken.family.act(taken.state, taken.params, { kind: 'takeOut', amount: lo, unit: 'share' })
  const rest = taken.family.stock(taken.state, taken.params)
  return {
    share: lo,
    organisms: now - rest.organisms,
    volumeMl: lo * c.setup.volumeL * 1000,
    perMlAfter: rest.perMl,
  }
}

/** Volume to pour, siphon or net for a number of organisms, mL; Infinity from an empty vessel. */
export const volumeForMl = (organisms: number, perMl: number) =>
  perMl > 0 ? organisms / perMl : Infinity

/**
 * Concentrating on a sieve: what a volume holds, taken up in less water.
 * @param kept share that the sieve keeps
 * @returns organisms and density in the cup, and the factor of thickening
 */
export function dewater(volumeMl: number, perMl: number, cupMl: number, kept = 0.95) {
  const organisms = volumeMl * perMl * kept
  return { organisms, perMl: organisms / cupMl, thickening: volumeMl / cupMl }
}

/** Density after a volume was taken and replaced by clean water. */
export const densityAfter = (perMl: number, takenMl: number, volumeMl: number) =>
  perMl * (1 - Math.min(1, Math.max(0, takenMl / volumeMl)))
