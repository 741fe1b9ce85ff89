import { randomStream } from '../math/random'
import { keptByCard, runCulture, withoutUpkeep, type Culture } from '../foods/culture'
import { systematic, weightsOf, type Cloud } from './cloud'

/** What can be done at a vessel; each excludes the others. */
export const VESSEL_ACTS = ['leave', 'feed', 'thin', 'split', 'renew'] as const
export type VesselAct = (typeof VESSEL_ACTS)[number]

/** What each act is expected to bring over the coming week, and what a look would change. */
export interface ActWorth {
  /** Organisms that may be drawn over the week, with what is left at its end; by act. */
  worth: Record<VesselAct, number>
  /** Share of the worth that somebody gains who knows the vessel before choosing: 0 where every course asks for the same. */
  lookGains: number
}

const COURSES = 12
const DAYS = 7
/** Drawn a day while it is ready: as one does who lives off it. */
const DAILY = 0.1
/** What stands at the end of the week is worth a part of itself. */
const LEFT_IS_WORTH = 0.5
/** Left in a vessel that is renewed (a fifth goes into the fresh medium). */
const KEPT = 0.2

const USABLE = ['ready', 'tiring']
const READY_OR_GROWING = ['resting', 'building', 'ready', 'tiring']

/** Does an act to a course; a split is two vessels of half each. */
function begin(c: Culture, act: VesselAct): void {
  const { family, state, params } = c
  if (act === 'feed') family.act(state, params, { kind: 'feed' })
  if (act === 'thin') family.act(state, params, { kind: 'takeOut', amount: 1 / 3, unit: 'share' })
  if (act === 'split') family.act(state, params, { kind: 'takeOut', amount: 0.5, unit: 'share' })
  if (act === 'renew') family.act(state, params, { kind: 'renew', amount: KEPT, unit: 'share' })
}

/** Organisms that a course gives over a week after an act, median weather, by its method otherwise. */
function worthOf(course: Culture, act: VesselAct, temperature: (day: number) => number): number {
  const c = withoutUpkeep(keptByCard(course), ['takeOut'])
  begin(c, act)
  // What is thinned out feeds nobody: it counts only by what it leaves.
  let drawn = 0
  const fed = act === 'feed' || act === 'renew'
  const kept = fed ? c : withoutUpkeep(c, ['feed', 'dose'])
  for (let day = 0; day < DAYS; day++) {
    runCulture(kept, 24, temperature, null)
    if (!USABLE.includes(kept.family.readiness(kept.state, kept.params))) continue
    const has = kept.family.stock(kept.state, kept.params).organisms
    kept.family.act(kept.state, kept.params, { kind: 'takeOut', amount: DAILY, unit: 'share' })
    drawn += has - kept.family.stock(kept.state, kept.params).organisms
  }
  const stands = READY_OR_GROWING.includes(kept.family.readiness(kept.state, kept.params))
  const left = stands ? kept.family.stock(kept.state, kept.params).organisms : 0
  return (drawn + LEFT_IS_WORTH * left) * (act === 'split' ? 2 : 1)
}

/** What acts are worth for a vessel as it is believed, by running fair draws of the belief on for a week. */
export function actWorth(
  cloud: Cloud,
  temperature: (day: number) => number,
  seed: number,
): ActWorth {
  const w = weightsOf(cloud)
  // A belief of a single course is run once.
  const n = Math.min(COURSES, cloud.length)
  const some = systematic(w, n, randomStream(seed).next()).map(i => cloud[i]!.culture)
  const worths = some.map(c => VESSEL_ACTS.map(act => worthOf(c, act, temperature)))
  const mean = VESSEL_ACTS.map((_, a) => worths.reduce((s, x) => s + x[a]!, 0) / n)
  const knowing = worths.reduce((s, x) => s + Math.max(...x), 0) / n
  const best = Math.max(...mean)
  const entries = VESSEL_ACTS.map((act, a) => [act, mean[a]!] as const)
  return {
    worth: Object.fromEntries(entries) as Record<VesselAct, number>,
    lookGains: knowing > 0 ? Math.max(0, knowing - best) / knowing : 0,
  }
}
