import { SECOND_PULL_GAIN } from '../dynamics/hatch/handling'
import { harvestWindow } from '../dynamics/hatch/hatch'
import type { HatchCurve } from '../dynamics/hatch/hatchCurve'
import { hoursBetween, type Instant } from '../time/localDate'
import type { RoundOccurrence } from '../time/rounds'
import { lastCall } from './hatchOption'
import { broughtBy, type HatchWay } from './hatchWay'

/** A bottle that is kept is drawn from for so long at most, h (two to three days). */
export const DRAWN_FOR_H = 60

/** Runs of pulls that a way can make from a round on. */
export function runsOfPulls(
  from: readonly RoundOccurrence[],
  { pulls }: Pick<HatchWay, 'pulls'>,
): Instant[][] {
  const at = from.map(r => r.at)
  const [first, second] = at
  if (first === undefined) return []
  const both = second === undefined ? [] : [[first, second]]
  switch (pulls) {
    case 'one':
      return [[first]]
    case 'two':
      return both
    case 'one-or-two':
      return [[first], ...both]
    case 'each': {
      const within = at.filter(x => hoursBetween(first, x) <= DRAWN_FOR_H)
      return within.slice(1).map((_, i) => within.slice(0, i + 2))
    }
  }
}

/** The pulls by which a hatch brings most yolk in its way: at rounds, the last before its last call. */
export function pullRounds(
  way: Pick<HatchWay, 'pulls'>,
  curve: HatchCurve,
  startedAt: Instant,
  rounds: readonly RoundOccurrence[],
): Instant[] {
  const window = harvestWindow(curve)
  if (!window) return []
  const until = lastCall(window, way)
  const hoursOf = (at: Instant) => hoursBetween(startedAt, at)
  const ahead = rounds.filter(r => hoursOf(r.at) > 0 && hoursOf(r.at) <= until)
  // A second pull must earn its labour.
  const worth = (run: readonly Instant[]) =>
    broughtBy(way, curve, run.map(hoursOf)).reduce((sum, d) => sum + d.useful, 0) *
    (way.pulls === 'one-or-two' && run.length > 1 ? 1 - SECOND_PULL_GAIN : 1)
  // A bottle that is kept begins when its window opens and goes on to the end: more draws are what it is for.
  if (way.pulls === 'each') {
    const from = ahead.findIndex(r => hoursOf(r.at) >= window.fromH)
    return from < 0 ? [] : (runsOfPulls(ahead.slice(from), way).at(-1) ?? [ahead[from]!.at])
  }
  const runs = ahead.flatMap((_, i) => runsOfPulls(ahead.slice(i), way))
  return runs.reduce<Instant[]>((best, run) => (worth(run) > worth(best) + 1e-9 ? run : best), [])
}
