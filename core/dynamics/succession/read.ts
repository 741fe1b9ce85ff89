import type { Balance, Environment, Look, Readiness, Stage, Stock } from '../contract'
import { READY, type SuccessionParams } from './parameters'
import type { SuccessionState } from './step'

const MOST_SHARE = 1 / 3
/** Bacteria and ciliates below which a jar is over, mg/L. */
/** Share of the most it ever held below which a jar is past its best. */
const THINS = 0.5
const OVER = { bacteria: 2, ciliates: 0.8 } as const

export function stage(s: SuccessionState): Stage {
  if (s.past && s.c < OVER.ciliates && s.b < OVER.bacteria) return 'crashed'
  if (!s.past && s.b < 2) return 'lag'
  if (!s.wasReady && (!s.past || s.c < s.peakC * 0.999 || s.c < READY.ciliates))
    return s.past && s.c < s.peakC * 0.8 ? 'decline' : 'exponential'
  return s.c > 0.8 * s.peakC ? 'stationary' : 'decline'
}

export function readiness(s: SuccessionState): Readiness {
  if (stage(s) === 'crashed') return 'failed'
  if (s.turned) return 'failing'
  const thins = s.wasReady && s.c < THINS * s.peakC
  if (s.past && s.b < READY.bacteria && s.c > READY.ciliates && !thins) return 'ready'
  if (s.wasReady) return s.c > READY.ciliates / 2 ? 'tiring' : 'failing'
  // Past its bloom with hardly a ciliate: grazers of a bad inoculum hold them down.
  if (s.past && s.c < 0.8 && s.m < 0.5 * s.m0) return 'failing'
  return s.b < 4 && !s.past ? 'resting' : 'building'
}

/** Grade of a quantity against ascending thresholds, continuous. */
function graded(value: number, thresholds: readonly number[]): number {
  let grade = 0
  let below = 0
  for (const t of thresholds) {
    if (value >= t) grade++
    else {
      grade += Math.max(0, (value - below) / (t - below))
      break
    }
    below = t
  }
  return grade
}

/** Grade of smell and skin of a jar that has turned. */
const TURNED = 2.3
const smell = (s: SuccessionState, p: SuccessionParams) =>
  Math.min(3, graded(s.b * (p.foul > 0.5 ? 1.5 : 1), [8, 30, 55]))
const film = (s: SuccessionState, p: SuccessionParams) =>
  Math.min(3, (p.foul > 0.5 ? 1.2 : 0.6) * (s.m / s.m0) * Math.min(1, s.b / 20))

/** Cloudiness from bacteria (hazy 8, milky 30, opaque 60), movers from ciliates (a few 0.8, many 4, swarming 10), sediment from spent matter. */
export function look(s: SuccessionState, p: SuccessionParams): Look {
  return {
    cloudiness: { grade: Math.min(3, graded(s.b, [8, 30, 60])), sd: 0.4 },
    movers: { grade: Math.min(3, graded(s.c, [0.8, 4, 10])), sd: 0.45 },
    sediment: { grade: 3 * (1 - Math.min(1, s.m / s.m0)), sd: 0.5 },
    smell: { grade: Math.max(s.turned ? TURNED : 0, smell(s, p)), sd: 0.5 },
    film: { grade: Math.max(s.turned ? TURNED : 0, film(s, p)), sd: 0.5 },
    tint: { grade: Math.min(3, 1 + graded(s.b, [15, 45])), sd: 0.5 },
  }
}

export function stock(s: SuccessionState, p: SuccessionParams): Stock {
  const dryMg = s.c * s.setup.volumeL
  const organisms = (dryMg * 1000) / p.dryUg
  return { organisms, dryMg, perMl: organisms / (s.setup.volumeL * 1000), perCm2: null }
}

/** What grows back in a day at the present food of the ciliates, at most a third; nothing while it is milky. */
export function surplusPerDay(
  s: SuccessionState,
  p: SuccessionParams,
  { temperatureC }: Environment,
): number {
  if (readiness(s) !== 'ready') return 0
  const f = p.qCiliates ** ((temperatureC - 22) / 10)
  const growth = f * ((p.growthShare * p.graze * s.b) / (p.kb + s.b) - p.deathC - s.loss)
  // A jar that no longer grows is fed out in about a week: ciliates that starve are of no use to anybody.
  return stock(s, p).organisms * Math.min(MOST_SHARE, Math.max(1 / 7, growth))
}

export const balance = (s: SuccessionState): Balance => ({
  unit: 'mg/L',
  start: s.start,
  added: s.added,
  held: s.m + s.s + s.b + s.c,
  taken: s.taken,
  lost: s.lost,
})

/** Milky water is no harvest, however many ciliates swim in it. */
export const yieldRatio = (s: SuccessionState) =>
  (s.c / READY.ciliates) * (s.b < READY.bacteria ? 1 : READY.bacteria / s.b)
